# frozen_string_literal: true

module UpClose
  class MarkRequest
    # How a mark that is asked for is made: what it is for, by which method, from which printer, by which schools.
    module WayAsked
      private

      # @return [PlannedMark::Way]
      def way
        PlannedMark::Way.new(
          transfer_method: transfer_method, printer: printer, stock: stock, picked: schools, purpose: purpose,
          afterwards: afterwards, sealer: sealer, show_through: show_through,
          work_s: @data["work_s"] && number("work_s", 1..MarkRequest::LONGEST_WORK_S, nil)
        )
      end

      # as it is asked for, else the first that the method knows for this printer
      def stock
        return Sheets::Stock.fetch(@data["stock"]) if @data["stock"]
        Methods::MethodChoice.new(method: transfer_method, printer: printer).stock
      end

      # as a method begins, unless the request names one
      def sealer = Sealing.fetch(@data["sealer"] || purpose.usual_sealer || transfer_method.seals_with || "none")

      # the one asked for, or what we would suggest
      def transfer_method
        @transfer_method ||= @data["method"] ? Methods.fetch(@data["method"]) : suggested
      end

      def suggested
        refuse("“method” and “purpose” are both missing.", "Give one of them.", :method) unless @data["purpose"]
        asked = Comparison.new(
          printers: printers.map(&:to_s), purpose: purpose, copies: wanted,
          ground: {material: material, finish: finish, colour: colour, grit: grit},
          wanted: {use: uses, climate: climate}
        )
        asked.pick&.transfer_method || refuse(asked.reason, "See “refused”.", :method)
      end

      # what it is for; what the method is usually for, where nothing is said
      def purpose
        @purpose ||= if @data["purpose"]
          Purposes.fetch(@data["purpose"])
        else
          old_after ? Purposes::Guide : Purposes.usual_for(transfer_method)
        end
      end

      # what earlier versions asked as a school of some methods
      OLD_AFTER = {"burn" => "burn", "carve" => "carve", "leave" => nil}.freeze

      def old_after
        given = schools_asked["after"] or return
        OLD_AFTER.fetch(given.to_s) do
          refuse("There is no school called “#{given}” afterwards.", "Give “afterwards”: burn, carve …", :afterwards)
        end
      end

      def afterwards
        key = @data["afterwards"] || old_after
        return purpose.usual_work(material: material, finish: finish) if key.nil? && @data["purpose"]
        return unless key
        work = Afterwards.fetch(key)
        unless purpose.works.include?(work.key)
          refuse(
            "#{work.title} does not follow #{purpose.title.downcase}.", "Use #{purpose.works.join(", ")}.", :afterwards
          )
        end
        work
      end

      def show_through = ShowThrough.fetch(@data["show_through"])

      # kinds of printer there are
      def printers
        possible = @data["method"] ? transfer_method.printers : %w[laser inkjet]
        given = Array(@data["printers"] || @data["printer"] || possible)
        unknown = given.map(&:to_s) - %w[laser inkjet]
        refuse("“#{unknown.first}” is no printer.", "Give laser or inkjet.", :printer) if unknown.any? || given.empty?
        given.map(&:to_sym)
      end

      def printer
        return printers.first if @data["printer"]
        printers.find { |kind| transfer_method.printers.include?(kind) } || printers.first
      end

      def schools_asked = object_of(@data, "schools", "{\"coats\": \"two\"}")

      def schools
        picked = schools_asked.except("after").transform_keys(&:to_sym)
        transfer_method.check_choices(picked)
        picked
      end
    end
  end
end
