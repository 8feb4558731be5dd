# frozen_string_literal: true

module UpClose
  module EtchFinishes
    # The small language that the finish of an etched plate is written in.
    class Finish
      class << self
        extend Declarations

        # key, title: names. summary: what it looks like.
        declares :key, :listed, :title, :summary

        # @param keys [Array<String>] of the metals that take it
        def metals(*keys) = keys.any? ? @metals = keys.map(&:to_s).freeze : @metals

        # its steps, run on a Methods::Script for one MethodChoice
        def work(&block) = block ? @work = block : @work

        # called once, before anyone sees it
        # @raise [Errors::BadDefinition]
        def check!
          missing = %i[key title summary metals work].find { |name| public_send(name).nil? } or return
          raise Errors::BadDefinition.new(
            "The finish #{name} does not say “#{missing}” as it must.", remedy: "Give #{missing}.", field: missing
          )
        end
      end
    end
  end
end
