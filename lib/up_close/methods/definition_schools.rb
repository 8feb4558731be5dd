# frozen_string_literal: true

module UpClose
  module Methods
    # Where makers disagree, and how the image turns: the part of a definition that depends on a school.
    module DefinitionSchools
      # every printer with every option of every choice, each by itself
      # @return [Array<Setting>]
      def schools
        picks = [{}, *choices.flat_map { |choice| choice.options.keys.map { |option| {choice.key => option} } }]
        printers.product(picks).map do |printer, picked|
          MethodChoice.new(method: self, printer: printer, picked: picked)
        end
      end

      # The image's way from paper to eye.
      # @param picked [Hash{Symbol => Symbol}] schools; each choice's first where none is picked
      # @return [Array<ImageTurn>]
      def passages(picked = {})
        schools = choices.to_h { |choice| [choice.key, (picked[choice.key] || choice.pick).to_sym] }
        (@passages || []).select { |passage| passage.with?(schools) }
      end

      # @param words [String] what happens to the image
      # @param turned [Boolean] whether that turns it over
      # @param only [Hash{Symbol => Symbol}] the schools it happens with
      def passage(words, turned: false, only: {})
        (@passages ||= []) << ImageTurn.new(words: words, turned: turned, only: only)
      end

      # @return [Array<Choice>] where makers disagree
      def choices = @choices ||= []

      # @param options [Hash{Symbol => Array(String, String)}] key → title and reason; the first is our choice
      # @param more [Hash] fact, on_dark, on_white: see Choice
      def choice(key, title, options, **more)
        choices << Choice.new(key: key, title: title, options: options, **more)
      end

      # @raise [Errors::Unsuitable] when no such option exists
      def check_choices(picked)
        choices.each do |choice|
          next if picked[choice.key].nil? || choice.options.key?(picked[choice.key].to_sym)
          raise Errors::Unknown.new(
            "#{title} has no school called “#{picked[choice.key]}”.",
            remedy: "Choose one of: #{choice.options.keys.join(", ")}.",
            field: choice.key
          )
        end
      end
    end
  end
end
