# frozen_string_literal: true

module UpClose
  module Boards
    module Gerber
      # Reads Gerber files: RS-274X, with X2 attributes, and what older files still hold
      # (Ucamco, The Gerber Layer Format Specification, revision 2023.08).
      module Reader
        module_function

        # @param text [String] bytes of a file
        # @return [Boolean] whether it looks like one
        def reads?(text) = text.byteslice(0, 20_000).scrub.match?(/%FS[LTD]?[AI]?.*?X\d\dY\d\d|%MO(MM|IN)\*|^%ADD\d/m)

        # @param text [String]  @return [Image]
        # @raise [Errors::BadBoard] with the line
        def call(text)
          plotter = Plotter.new
          setup = Setup.new(plotter)
          Commands.new(text.dup.force_encoding(Encoding::BINARY)).each do |command|
            at_line(command.line) { command.extended ? setup.call(command.words) : plotter.call(command.words.first) }
            break if plotter.ended?
          end
          setup.close_step
          image(plotter)
        end

        # errors of what is done in it are given its line
        # @param line [Integer]
        def at_line(line)
          yield
        rescue Errors::BadBoard => error
          raise error.line ? error : Errors::BadBoard.at(line, error.message)
        end

        # @param plotter [Plotter] at the end of its file  @return [Image]
        def image(plotter)
          raise Errors::BadBoard.new("An aperture block is not closed.") if plotter.canvases.size > 1
          objects = plotter.canvas.objects
          map = plotter.state.image_map
          objects = objects.map { |object| object.mapped(map) } unless map == Geometry::Transform::IDENTITY
          Image.new(objects, plotter.state.attributes)
        end
      end
    end
  end
end
