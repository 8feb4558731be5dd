# frozen_string_literal: true

module UpClose
  module Purposes
    # The small language a purpose is written in: each declaration, called with a value, sets it; called
    # without, gives it.
    class Purpose
      class << self
        extend Declarations

        # key, title, summary: names, and what becomes of the print. checks_words: what is looked at, and what is
        # left out. finish_words: which finish, and why. usual_sealer: a key of Sealing it begins with, or nil for the
        # method's own.
        declares :key, :listed, :title, :summary, :checks_words, :finish_title, :finish_words, :usual_sealer

        # what may be done after the transfer; the first that suits the piece is the start
        # @return [Array<String>] keys of Afterwards
        def works = Afterwards.all.select { |work| work.follows == key }.map(&:key)

        # families of material it needs; nil: any
        def needs(*families) = families.empty? ? @needs : @needs = families.freeze

        # what an artwork is held to, where it differs from what the method holds
        # @return [Hash{Symbol => Object}] by Methods::Limits
        def limits(changes = nil) = changes ? @limits = changes.freeze : @limits || {}

        # printed colours are what is looked at in the end
        def inked(value = nil) = value.nil? ? @inked : @inked = value

        def inked? = @inked != false

        # why a residue does not do for it
        # @param residue [Symbol] of Methods::RESIDUES  @param words [String]
        def refuses(residue = nil, words = nil)
          return @refuses ||= {} if residue.nil?
          refuses[residue] = words
        end

        # a sentence for methods that leave what nothing is said of
        def otherwise(words = nil) = words ? @otherwise = words : @otherwise

        # why a method is not for it
        # @param method [Class] a Methods::Definition
        # @return [String, nil] nil where it is
        def against(method)
          return if method.serves.key?(key.to_sym)
          "#{method.title} leaves #{Methods::RESIDUES[method.residue]}. #{refuses.fetch(method.residue, otherwise)}"
        end

        # @param material [Materials::Material, nil]
        # @return [String, nil] why a piece of it is not for this purpose
        def against_piece(material)
          return if material.nil? || needs.nil? || needs.include?(material.family)
          "Needs #{needs.join(" or ")}. This piece is #{material.title}."
        end

        # what lies on the piece once all is done: what is worked over is the piece's own then
        # @param residue [Symbol] what the method leaves
        # @return [Symbol]
        def left(residue) = works.any? ? :worked : residue

        # what is done afterwards on this piece, where the maker has not said
        # @param ground [Hash] :material, :finish
        # @return [Class, nil] an Afterwards::Work
        def usual_work(**ground)
          known = works.map { |key| Afterwards.fetch(key) }
          known.find { |work| work.against(**ground).nil? } || known.first
        end

        # called once, before anyone sees it
        # @raise [Errors::BadDefinition]
        def check!
          missing = %i[key title summary checks_words finish_title finish_words otherwise]
            .find { |name| public_send(name).to_s.empty? }
          return unless missing
          raise Errors::BadDefinition.new(
            "The purpose #{name} does not say “#{missing}” as it must.", remedy: "Give #{missing} in words.",
            field: missing
          )
        end
      end
    end
  end
end
