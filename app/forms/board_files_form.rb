# frozen_string_literal: true

module Forms
  # The files of a board, one by one or in a ZIP, and its name.
  class BoardFilesForm < Base
    private

    def read
      words(:name, most: 120)
      given = Array(@typed["files"]).select { |file| file.is_a?(Hash) && file[:tempfile] }
      return errors[:files] = "Choose the files of a board: Gerber and drill files, or a ZIP of them." if given.empty?
      values[:files] = given.map do |file|
        [file[:filename].to_s, file[:tempfile].tap(&:rewind).read(Shelves::BoardFiles::MOST_BYTES + 1).to_s.b]
      end
      values[:name] = given.first[:filename].to_s.sub(/\.\w+\z/, "")[0, 120] if values[:name].to_s.empty?
    end
  end
end
