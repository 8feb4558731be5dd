# frozen_string_literal: true

module Actions
  module Remedies
    # Another way of the same method's own: another medium, another pace.
    module Variants
      module_function

      # @return [Array<Change>]
      def call(mark, _stop)
        return [] unless mark.method_key
        mark.method_core.choices.flat_map do |choice|
          (choice.options.keys - [mark.setting.picked[choice.key]]).map { |option| change(mark, choice, option) }
        end
      end

      def change(mark, choice, option)
        picked = mark.picked.merge(choice.key.to_s => option.to_s)
        words = "#{choice.title}: #{choice.options[option].first}"
        Change.new("variant:#{choice.key}:#{option}", words, ->(m) { m.picked = picked })
      end
      private_class_method :change
    end
  end
end
