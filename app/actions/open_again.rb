# frozen_string_literal: true

module Actions
  # Artworks kept by an earlier version, whose files are read otherwise now: opened once more, so that what
  # is known of their ink is what is printed. Marks keep their widths.
  module OpenAgain
    module_function

    # @return [Integer] how many
    def all = waiting.each { |artwork| one(artwork) }.size

    def waiting = Artwork.where("json_extract(facts, '$.open_again')").to_a

    # one that cannot be opened any more stays as it is, and says so on its own page
    def one(artwork)
      facts = Workers.call(artwork.origin, :facts)
      ApplicationRecord.change do
        artwork.update!(
          ink_core: facts[:ink],
          facts: artwork.facts
            .except("open_again")
            .merge("notes" => facts[:notes], "mm_per_unit" => facts[:mm_per_unit])
        )
        artwork.marks.each { |mark| mark.change(prepared: nil, checked: nil) }
      end
    rescue UpClose::Error, SystemCallError => error
      warn "#{artwork.name}: #{error.message}"
    end
  end
end
