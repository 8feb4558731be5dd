# frozen_string_literal: true

module Forms
  # A font file of the maker's own, and the licence under which it is used.
  class FontForm < Base
    MOST_BYTES = 20 * 1024 * 1024

    private

    def read
      words(:name, most: 60)
      words(:licence, required: "Type the licence under which you use it, or who gave you permission.", most: 300)
      upload = @typed["font_file"]
      return errors[:font_file] = "Choose a font file: TTF, OTF or WOFF." unless upload.is_a?(Hash) && upload[:tempfile]
      if upload[:tempfile].size > MOST_BYTES
        return errors[:font_file] = "This file is larger than #{MOST_BYTES / 1024 / 1024} MB. Choose one font, not " \
          "a family."
      end
      values[:bytes] = upload[:tempfile].tap(&:rewind).read.to_s
      values[:file_name] = upload[:filename].to_s[0, 200]
    end
  end
end
