# frozen_string_literal: true

module Forms
  # A font file of the maker's own, and the licence under which it is used.
  class FontForm < Base
    MOST_BYTES = 20 * 1024 * 1024

    private

    def read
      words(:name, most: 60)
      words(:licence, required: "Type the licence under which you use it, or who gave you permission.", most: 300)
      file = SentFile.of(@typed["font_file"]) or
        return errors[:font_file] = "Choose a font file: TTF, OTF or WOFF."
      attempt(:font_file) { values[:bytes] = file.bytes(MOST_BYTES, advice: "Choose one font, not a family.") }
      values.delete(:font_file)
      values[:file_name] = file.name
    end
  end
end
