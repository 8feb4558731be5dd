# frozen_string_literal: true

module Forms
  # Artwork: a file, or lettering in a font.
  class ArtworkForm < Base
    MOST_BYTES = UpClose::Artwork::Opening::MOST_BYTES
    MOST_NAME = SentFile::MOST_NAME
    SMALLER = "Save it smaller: 600 pixels an inch at its final size is plenty."
    ACCEPTED = ".svg,.svgz,.pdf,.png,.jpg,.jpeg,.webp,.gif,.tif,.tiff,.heic,.heif,.avif,image/*,application/pdf"

    # the name under which white artwork was kept, that it need not be chosen again
    # @return [String, nil]
    attr_accessor :white

    # the same of a picture whose data ends early
    # @return [String, nil]
    attr_accessor :part

    # what a table was read as, to be looked through before it is kept
    # @return [String, nil]
    attr_reader :preview

    def file? = typed(:kind) != "lettering"

    private

    def read
      words(:source, most: 300)
      file? ? read_file : read_lettering
    end

    def read_file
      file = SentFile.of(@typed["file"]) or
        return errors[:file] = "Choose a file: SVG, PDF, PNG, JPEG or another picture."
      values.merge!(bytes: file.bytes(MOST_BYTES, advice: SMALLER), file_name: file.name, name: file.bare_name)
    rescue UpClose::Error => error
      errors[:file] = error.sentence
    end

    def read_lettering
      text = typed(:text).to_s
      choice(:font, Shelves::FontShelf.names.keys)
      return if errors[:font]
      read_cap
      read_setting
      return if errors.any?
      read_members
      return if errors.any? || preview
      face = Shelves::FontShelf.fetch(values[:font])
      texts = values[:members] || [text]
      attempt(:text) do
        texts.map { |text| UpClose::Artwork::Lettering.new(face, text, setting: values[:setting]).text }.first
      end
    end

    # lengths are typed in mm; kept as shares of the cap height, so that they grow with it
    def read_setting
      side = typed(:side) || "straight"
      shares = {
        spacing: share(:spacing, -20.0..200.0),
        outline: share(:outline, 0.0..20.0),
        radius: (side == "straight") ? 0.0 : share(:radius, 0.5..2000.0)
      }
      return if errors.any?
      values[:setting] = UpClose::Artwork::Setting.new(side: side, **shares)
    rescue UpClose::Error => error
      refuse(error, :radius)
    end

    # what is told as a share of the cap height
    SHARES = {spacing: "spacing", outline: "outline", radius: "arc"}.freeze

    def share(name, range)
      text = typed(name).to_s.strip
      return 0.0 if text.empty? || text.match?(/\A0+([.,]0+)?\z/)
      unless values[:cap_height]
        return errors[:cap_height] = "Give the cap height too, so that the #{SHARES.fetch(name)} has a size."
      end
      value = UpClose::Measure::Pairs.signed(text, @unit, name)
      return value / values[:cap_height] if range.cover?(value)
      errors[name] = "That lies between #{UpClose::Working.number(range.begin)} and " \
        "#{UpClose::Working.number(range.end)} mm."
    rescue UpClose::Error => error
      errors[name] = error.sentence
    end

    # a set: from a table, which is shown first, or typed one a line
    def read_members
      file = SentFile.of(@typed["set_file"])
      return preview_table(file) if file
      return if typed(:set).to_s.strip.empty?
      attempt(:set) { values[:members] = UpClose::Artwork::LetteringSet.read(typed(:set)) }
      values.delete(:set)
    end

    # what was read stands in the field for the set, to be looked through
    def preview_table(file)
      bytes = file.bytes(UpClose::Formats::CsvTable::MOST_BYTES)
      members = Workers.call(UpClose::Artwork::LetteringSet, :from_csv, bytes)
      @typed = @typed.merge("set" => members.join("\n")).except("set_file")
      @preview = "#{members.size} read from #{file.name}, as shown here. Check them, then use them."
    rescue UpClose::Error => error
      errors[:set_file] = error.sentence
    end

    # the cap height may wait until it is placed
    def read_cap
      length(:cap_height, range_mm: 0.2..1000.0) unless typed(:cap_height).to_s.strip.empty?
    end
  end
end
