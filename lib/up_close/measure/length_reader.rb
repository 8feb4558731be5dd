# frozen_string_literal: true

module UpClose
  module Measure
    # Reads lengths as people say them: 63.5, 6,35 cm, 2 1/2", 7/16, 1' 2½", 15 thou.
    # A bare number is in the maker's own unit; a bare fraction is inches,
    # since nobody measures sevenths of a millimetre.
    class LengthReader
      UNITS_MM = {
        "mm" => 1.0, "millimetre" => 1.0, "millimetres" => 1.0, "millimeter" => 1.0, "millimeters" => 1.0,
        "cm" => 10.0, "centimetre" => 10.0, "centimetres" => 10.0, "centimeters" => 10.0,
        "m" => 1000.0, "metre" => 1000.0, "metres" => 1000.0,
        "in" => 25.4, "inch" => 25.4, "inches" => 25.4, '"' => 25.4,
        "ft" => 304.8, "foot" => 304.8, "feet" => 304.8, "'" => 304.8,
        "thou" => 0.0254, "mil" => 0.0254
      }.freeze
      VULGAR = {"½" => "1/2", "¼" => "1/4", "¾" => "3/4", "⅛" => "1/8", "⅜" => "3/8", "⅝" => "5/8", "⅞" => "7/8",
                "⅓" => "1/3", "⅔" => "2/3"}.freeze
      # digits and signs as East Asian keyboards type them
      WIDE, NARROW = "０-９．，＋－／　", "0-9.,+\\-/ "
      DECIMAL = /\d+(?:\.\d+)?|\.\d+/
      AMOUNT = %r{(?:(?:(?<units>\d+)(?:\s+|\s*-\s*))?(?<top>\d{1,3})/(?<bottom>\d{1,3})|(?<whole>#{DECIMAL}))}
      LIMIT_MM = 2000.0
      # no length is said with more letters
      LONGEST = 80

      # @param unit [String] "mm" or "in": what a bare number means
      # @param range_mm [Range] what is possible here
      # @param field [Symbol, nil] the input the refusal belongs to
      def initialize(unit: "mm", range_mm: (0.01..LIMIT_MM), field: nil)
        @unit = unit
        @range_mm = range_mm
        @field = field
      end

      # @return [Length]
      # @raise [Errors::BadLength] unreadable, or outside the range
      def read(text)
        unreadable("#{text[0, 20]}…") if text.to_s.length > LONGEST
        tidy = tidy(text)
        refuse("Type a length.", "For example 38, 6.35 cm or 2 1/2\".") if tidy.empty?
        length = Length.mm(total_mm(tidy, text))
        check_range(length, text)
        length
      end

      private

      def tidy(text)
        line = text.to_s.dup.force_encoding("UTF-8").scrub("").tr(WIDE, NARROW).strip.downcase
        line = line.tr("″”“′’‘−", "\"\"\"'''-").gsub("''", '"')
        VULGAR.each { |sign, plain| line = line.gsub(sign, " #{plain}") }
        line.strip.sub(/\A(-?\d*),(\d+)/, '\1.\2').sub(/\A(-?)(\d{1,3}) (\d{3})(?!\/|\d)/, '\1\2\3').sub(/\.\z/, "")
      end

      def total_mm(line, typed)
        sign = line.start_with?("-") ? -1 : 1
        rest = line.delete_prefix("-").strip
        total = 0.0
        parts = 0
        until rest.empty?
          amount, unit, rest = next_part(rest) || unreadable(typed)
          if (parts += 1) > 2 || (parts == 2 && unit != "in" && unit != '"' && !unit.start_with?("inch"))
            unreadable(typed)
          end
          total += amount * UNITS_MM.fetch(unit)
        end
        sign * total
      end

      def next_part(rest)
        match = rest.match(/\A#{AMOUNT}\s*(?<unit>[a-z]+|["'])?\s*/o)
        return unless match
        amount = amount_of(match) or return
        unit = match[:unit] || (match[:top] ? "in" : @unit)
        return unless UNITS_MM.key?(unit)
        [amount, unit, match.post_match]
      end

      def amount_of(match)
        return match[:whole].to_f unless match[:top]
        return if match[:bottom].to_i.zero?
        match[:units].to_f + Rational(match[:top].to_i, match[:bottom].to_i).to_f
      end

      def check_range(length, typed)
        return if @range_mm.cover?(length.mm)
        low = Working.number(@range_mm.begin || 0)
        if @range_mm.end && length.mm > @range_mm.end
          return refuse(
            "“#{short(typed)}” is too long. The limit is #{Working.number(@range_mm.end)} mm.",
            "Check the unit."
          )
        end
        return refuse("A length must be above 0.", "Type one above #{low} mm.") if length.mm <= 0
        refuse("“#{short(typed)}” is too small.", "Type one of #{low} mm or more.")
      end

      def unreadable(typed)
        refuse("“#{short(typed)}” is not a length we can read.", "Type it like 38, 6.35 cm, 2 1/2\", 7/16.")
      end

      def short(typed) = (typed.to_s.length > 24) ? "#{typed.to_s[0, 24]}…" : typed.to_s.strip

      def refuse(reason, remedy) = raise(Errors::BadLength.new(reason, remedy: remedy, field: @field))
    end
  end
end
