# frozen_string_literal: true

module UpClose
  module Diagnosis
    # Facts of one attempt, read from plain data as JSON gives it: what is not known is left out; what is no fact is
    # refused with its name.
    class Request
      include AskedValues

      MOST_TIMES = 400

      # @param data [Hash]
      # @return [Array(Facts, Hash{String => Integer})] the facts, and causes that were found before
      # @raise [Error]
      def self.read(data) = new(data).call

      def initialize(data)
        refuse("These facts are no object.", "Write them as one JSON object.", :facts) unless data.is_a?(Hash)
        @data = data
      end

      # @return [Array(Facts, Hash)]
      def call
        places = among("places", Facts::PLACES.keys.map(&:to_s)).map(&:to_sym)
        facts = Facts.new(
          choice: choice, faults: among("faults", Record::FAULTS.keys), places: places, times: times, passes: passes,
          sealer: Sealing.fetch(@data["sealer"] || "none"), answers: answers, seen: seen, given: given
        )
        [facts, times_found]
      end

      private

      def choice
        method = Methods.fetch(@data["method"])
        MethodChoice.new(
          method: method, printer: printer_of(@data, method),
          stock: @data["stock"] && Sheets::Stock.fetch(@data["stock"]),
          picked: schools(method), material: @data["material"] && Materials.material(@data["material"]),
          finish: @data["finish"] && Materials.finish(@data["finish"]),
          purpose: @data["purpose"] && Purposes.fetch(@data["purpose"])
        )
      end

      MethodChoice = Methods::MethodChoice
      private_constant :MethodChoice

      def schools(method)
        given = object("schools")
        method.choices.each_with_object({}) do |choice, picked|
          option = given[choice.key.to_s] or next
          unless choice.options.key?(option.to_s.to_sym)
            refuse("“#{option}” is no way of #{choice.key}.", "Choose #{choice.options.keys.join(" or ")}.", :schools)
          end
          picked[choice.key] = option.to_sym
        end
      end

      # @return [Array<String>]
      def among(name, known)
        values = Array(@data[name])
        other = values.find { |value| !known.include?(value) }
        refuse("“#{other}” is none of the #{name}.", "Choose of: #{known.join(", ")}.", name.to_sym) if other
        values.uniq
      end

      def times
        list = @data["times"] || []
        unless list.is_a?(Array) && list.size <= MOST_TIMES && list.all?(Hash)
          refuse("The times are no list of steps.", "Give each as {step, after_s, latest_s, …}.", :times)
        end
        list.map do |entry|
          figures = entry.except("step", "title", "after")
          odd = figures.find { |_, value| !value.nil? && !(value.is_a?(Numeric) && value.to_f.finite?) }
          refuse("“#{odd.first}” of a step is no number of seconds.", "Give seconds.", :times) if odd
          Record::StepTime.from_h({"title" => entry["step"].to_s.capitalize, **entry})
        end
      end

      def passes
        object("passes").to_h do |step, (counted, usual)|
          unless [counted, usual].all? { |count| count.is_a?(Integer) && count.between?(0, 1000) }
            refuse("Passes are two whole numbers, counted and usual.", "Write {\"rub\": [2, 3]}.", :passes)
          end
          [step, [counted, usual]]
        end
      end

      def answers
        object("answers").each do |key, answer|
          asked = Questions.find(key) or refuse("Nobody asks “#{key}”.", "Leave it out.", :answers)
          next if asked.answers.key?(answer)
          refuse("“#{answer}” does not answer #{key}.", "Choose #{asked.answers.keys.join(" or ")}.", :answers)
        end
      end

      def seen
        object("seen").to_h { |name, value|
          unless Facts::SEEN.include?(name.to_sym) && value.is_a?(Numeric)
            refuse("“#{name}” is nothing that a photo tells.", "Give #{Facts::SEEN.join(", ")}.", :seen)
          end
          [name.to_sym, value.to_f]
        }
      end

      def given
        numbers = Facts::NUMBERS.filter_map { |name, range|
          value = @data[name.to_s]
          next if value.nil?
          unless value.is_a?(Numeric) && range.cover?(value)
            refuse("“#{value}” is no #{name.to_s.tr("_", " ")}.", "Give #{range.begin} to #{range.end}.", name)
          end
          [name, value]
        }
        answers = Facts::YES_NO.to_h { |name| [name, @data[name.to_s]] }.select { |_, yes| [true, false].include?(yes) }
        numbers.to_h.merge(answers)
      end

      # causes this shop found before
      def times_found
        object("found").select { |key, count| Causes.find(key) && count.is_a?(Integer) && count.positive? }
      end

      def object(name) = object_of(@data, name, "{\"…\": …}")
    end
  end
end
