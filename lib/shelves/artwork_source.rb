# frozen_string_literal: true

require "shelves/font_shelf"
require "shelves/opened_forms"
require "shelves/original_store"
require "workers"

module Shelves
  # Where an artwork comes from, told so that a worker can open it. Frozen values.
  module ArtworkSource
    # an original in the store; +how+ as UpClose::Artwork::Opening takes it
    Original = Struct.new(:originals, :forms, :name, :how) do
      # @return [UpClose::Artwork::Drawing, UpClose::Artwork::Picture]
      # @raise [UpClose::Error]
      def opened
        @opened ||= begin
          shelf = OpenedForms.new(forms)
          shelf.fetch(self) { [opening.call.tap { |artwork| shelf.keep_few(artwork, self) }, {}] }.first
        end
      end

      # @return [UpClose::Artwork::FirstLook::Few, nil]
      def few = OpenedForms.new(forms).few(self) { opened }

      # what the shop keeps of it
      # @return [Hash] kind, ink, notes, mm_per_unit
      def facts = {kind: opened.kind.to_s, ink: opened.ink, notes: opened.notes, mm_per_unit: opened.mm_per_unit}

      # a drawing that must become a picture is rendered as fine as its printed size wants
      # @param longer_mm [Float] the longer side of its ink, as printed
      # @return [Original] itself when that is fine enough
      def for_size(longer_mm)
        return self unless !opened.vector? && opened.rendered?
        px = UpClose::Artwork::RenderedDrawing.pixels_for(longer_mm)
        if px > UpClose::Artwork::RenderedDrawing::USUAL_PX
          Original.new(originals, forms, name, how.merge(px: px))
        else
          self
        end
      end

      # whichever folder it lies in
      # @see UpClose::Identity
      def identity = [name, how]

      private

      def opening
        UpClose::Artwork::Opening.new(OriginalStore.new(originals).get(name), **how, on_draw: -> { Workers.drawing })
      end
    end

    # words in a font
    Words = Struct.new(:font, :text, :setting, :forms) do
      def for_size(_longer_mm) = self

      def few = nil

      def opened
        @opened ||= OpenedForms.new(forms)
          .fetch(self) { [UpClose::Artwork::Lettering.new(FontShelf.fetch(font), text, setting: setting).drawing, {}] }
          .first
      end

      # @see UpClose::Identity
      def identity = [font, text, setting]
    end

    # many words set alike, one a copy
    WordSet = Struct.new(:font, :members, :setting) do
      def for_size(_longer_mm) = self

      def few = nil

      # @return [UpClose::Artwork::DrawnSet]
      def opened
        @opened ||= UpClose::Artwork::LetteringSet.new(FontShelf.fetch(font), members, setting: setting).drawn
      end

      # @see UpClose::Identity
      def identity = [font, members, setting]
    end
  end
end
