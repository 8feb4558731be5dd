# frozen_string_literal: true

require "strscan"

module UpClose
  module Boards
    module Gerber
      # The commands of a Gerber file in their order (Gerber Layer Format Specification, 3.5: data blocks end in *,
      # extended commands stand between %).
      class Commands
        MOST_BYTES = 40_000_000
        # one command: its line, and its words (an aperture macro has several); +extended+ when between %
        Command = Value.define(:line, :words, :extended)

        # @param text [String]
        # @raise [Errors::BadBoard] over MOST_BYTES
        def initialize(text)
          raise Errors::BadBoard.new("This file is over 40 MB.") if text.bytesize > MOST_BYTES
          @text = text
        end

        # @yield [Command]
        # @raise [Errors::BadBoard] with its line
        def each
          @scanner = StringScanner.new(@text)
          @line = 1
          until skip_space && @scanner.eos?
            yield (@scanner.peek(1) == "%") ? extended : plain
          end
        end

        private

        def skip_space
          space = @scanner.scan(/\s+/)
          @line += space.count("\n") if space
          true
        end

        def extended
          line = @line
          body = @scanner.scan(/%[^%]*%/m) or raise Errors::BadBoard.at(line, "a % has no second one to close it")
          @line += body.count("\n")
          Command.new(line, body[1..-2].delete("\r\n").split("*").map(&:strip).reject(&:empty?), true)
        end

        def plain
          line = @line
          body = @scanner.scan(/[^*%]*\*/m) or raise Errors::BadBoard.at(line, "a command does not end in *")
          @line += body.count("\n")
          Command.new(line, [body[0..-2].delete("\r\n")], false)
        end
      end
    end
  end
end
