# frozen_string_literal: true

module Forms
  # The files of a board, one by one or in a ZIP, and its name.
  class BoardFilesForm < Base
    private

    def read
      words(:name, most: 120)
      given = SentFile.all(@typed["files"])
      return errors[:files] = "Choose the files of a board: Gerber and drill files, or a ZIP of them." if given.empty?
      values[:name] = given.first.name.sub(/\.\w+\z/, "")[0, 120] if values[:name].to_s.empty?
      attempt(:files) { given.map { |file| [file.name, file.bytes(Shelves::BoardFiles::MOST_BYTES)] } }
    end
  end
end
