# frozen_string_literal: true

module UpClose
  class MarkRequest
    # How it is to be made, by the request and the mark's size.
    module SettingAsked
      private

      def stock = bare_setting.stock

      # as far as it goes without the mark's size
      def bare_setting
        @bare_setting ||= Methods::MethodChoice.new(
          method: transfer_method,
          printer: printer,
          stock: @data["stock"] && Sheets::Stock.fetch(@data["stock"]),
          picked: schools,
          material: material,
          finish: finish,
          purpose: purpose,
          afterwards: afterwards,
          work_s: @data["work_s"] && number("work_s", 1..MarkRequest::LONGEST_WORK_S, nil)
        )
      end

      def setting
        bare_setting.with(
          copies: whole("prints", @data["prints"], wanted),
          pieces: wanted,
          size: size,
          coat_mm2: Surfaces.coated_mm2(shape),
          coats: @data["coats"] && whole("coats", @data["coats"], nil)
        )
      end

      def size
        Methods::MarkSize.new(
          width_mm: width_mm,
          height_mm: height_mm,
          coverage: subject.solids.laid,
          line_mm: subject.lines.length_mm
        )
      end

      # good ones
      def wanted
        @data["pieces"] ? whole("pieces", @data["pieces"], 1) : whole("piece.count", piece["count"], 1)
      end
    end
  end
end
