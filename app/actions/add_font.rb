# frozen_string_literal: true

module Actions
  # Takes in a maker's own font: its letters are read apart, its file is kept, its licence noted.
  module AddFont
    module_function

    # @param form [Forms::FontForm] gets the refusal when the file cannot be read
    # @return [String, nil] the font's key
    def call(form)
      return unless form.ok?
      original = Shelves::OriginalStore.new(Settings.originals).put(form.values[:bytes])
      face = Workers.call(Shelves::FontFile.new(form.values[:bytes]), :face, Shelves::OwnFonts.key_of(original))
      name = form.values[:name].to_s.empty? ? face.name : form.values[:name]
      Shelves::OwnFonts.new(Settings.fonts).keep(
        face.named(name),
        "name" => name,
        "licence" => form.values[:licence],
        "file_name" => form.values[:file_name],
        "original" => original
      )
      face.key
    rescue UpClose::Error => error
      form.refuse(error, :font_file)
      nil
    end
  end
end
