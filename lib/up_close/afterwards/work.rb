# frozen_string_literal: true

module UpClose
  module Afterwards
    # The small language such a work is written in.
    class Work
      class << self
        extend Declarations

        # key, title: names, the title as something to do. summary: why one would.
        # follows: the purpose after which it is done, a key of Purposes.
        # usual_s: how long its main wait lasts, where the maker types that time; nil where none is typed.
        declares :key, :listed, :title, :summary, :follows, :usual_s

        # heat or sparks: what is left of a solvent must have gone
        def hot = @hot = true

        def hot? = @hot == true

        # What it can be done on.
        # @param families [Array<Symbol>] of Materials::Material
        # @param bare [Boolean] no coat over the ground  @param untreated [Boolean] no glue in it either
        # @param why [String]
        def works_on(*families, bare: false, untreated: false, why: "")
          @ground = {families: families, bare: bare, untreated: untreated, why: why}.freeze
        end

        # @return [Hash, nil]
        attr_reader :ground

        # Why a piece does not take it.
        # @param material [Materials::Material, nil]  @param finish [Materials::Finish, nil]
        # @return [String, nil]
        def against(material: nil, finish: nil)
          return if material.nil? || ground.nil?
          return ground[:why] unless ground[:families].include?(material.family)
          return if !(ground[:bare] && finish&.coated?) && !(ground[:untreated] && material.glued?)
          ground[:why]
        end

        # @param material [Materials::Material, nil]  @param finish [Materials::Finish, nil]
        # @return [Finding, nil]
        def finding(material: nil, finish: nil)
          why = against(material: material, finish: finish) or return
          Finding.stop(
            :afterwards, title,
            figure: [material&.title, finish&.title].compact.join(", "), reason: why, remedy: remedy
          )
        end

        # the way out where a piece does not take it
        def remedy(words = nil) = words ? @remedy = words : @remedy

        # its steps, run on a Methods::Script for one MethodChoice
        def work(&block) = block ? @work = block : @work

        # @param setting [Methods::MethodChoice]
        # @return [Array<Methods::Step>]
        def steps(setting) = Methods::Script.new(setting).tap { |script| script.instance_exec(setting, &work) }.steps

        # called once, before anyone sees it
        # @raise [Errors::BadDefinition]
        def check!
          missing = %i[key title summary follows ground remedy work].find { |name| public_send(name).nil? } or return
          raise Errors::BadDefinition.new(
            "The work #{name} does not say “#{missing}” as it must.", remedy: "Give #{missing}.", field: missing
          )
        end
      end
    end
  end
end
