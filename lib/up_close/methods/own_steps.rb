# frozen_string_literal: true

module UpClose
  module Methods
    # A school of the maker's own: a method's steps with times, words and windows
    # changed, some left out, some put in. Plain hashes, so that it can be kept.
    module OwnSteps
      MOST = 60
      OWN = "your own figure"

      module_function

      # a school's steps as something to change: the time whatever the number, and that for each copy
      # @param setting [MethodChoice]
      # @return [Array<Hash{String => Object}>]
      def copied(setting)
        single = setting.with(copies: 1, own: nil)
        single.steps.map do |step|
          step.to_h.transform_keys(&:to_s).merge("least_s" => (step.least_s - step.each_s.to_f).round(6)).compact
        end
      end

      # @param list [Array<Hash{String => Object}>]  @param copies [Integer]  @param pieces [Integer]
      # @param tray [Integer, nil] as MethodChoice has it
      # @return [Array<Step>]
      def call(list, copies, pieces: copies, tray: nil)
        list.map do |hash|
          batch = hash["batch"] && (tray || hash["batch"])
          step = Step.from_h(hash.merge("batch" => batch, "source" => OWN))
          number = step.times(copies, pieces)
          trays = batch ? (number / batch.to_f).ceil : 1
          step.with(
            least_s: step.least_s * trays + step.each_s.to_f * number,
            most_s: step.most_s && step.most_s * ((step.wait? && step.round) ? number : trays)
          )
        end
      end

      # @param list [Array<Hash>]
      # @raise [Error] for what cannot be walked
      def check(list)
        refuse("A way of working needs at least one step.", "Keep one.") if list.empty?
        refuse("A way of working has #{MOST} steps at most.", "Leave some out.") if list.size > MOST
        check_anchors(list)
        idle = list.find { |hash| hash["round"] && hash["kind"].to_s == "hands" && hash["each_s"].to_f <= 0 }
        refuse("“#{idle["title"]}” takes no time for a piece.", "Give it a minute per copy, or leave it out.") if idle
        late = list.find { |hash| hash["earliest_s"] && hash["latest_s"] && hash["latest_s"] < hash["earliest_s"] }
        refuse("The time limit of “#{late["title"]}” ends before it begins.", "Swap its figures.") if late
      end

      # a window on a step that is not there, or comes later, is no window
      # @param list [Array<Hash>]
      def check_anchors(list)
        list.each_with_index do |hash, i|
          next if hash["after"].nil? || hash.values_at("earliest_s", "latest_s").none?
          next if list.first(i).any? { |before| before["key"] == hash["after"] }
          refuse(
            "“#{hash["title"]}” has a time limit after a step that no longer comes before it.",
            "Keep that step, or remove the time limit."
          )
        end
      end

      # @raise [Error] at the steps
      def refuse(reason, remedy) = raise(Error.new(reason, remedy: remedy, field: :steps))
      private_class_method :check_anchors, :refuse
    end
  end
end
