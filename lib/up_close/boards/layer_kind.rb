# frozen_string_literal: true

module UpClose
  module Boards
    # What a file of a board is for: told by its own attributes, else guessed from its name.
    module LayerKind
      KINDS = %w[copper mask paste legend outline drill other].freeze
      SIDES = %w[top bottom both].freeze

      # what the attribute .FileFunction calls them (X2, 5.6.3)
      FUNCTIONS = {
        "Copper" => "copper", "Soldermask" => "mask", "Paste" => "paste", "Legend" => "legend",
        "Profile" => "outline", "Plated" => "drill", "NonPlated" => "drill"
      }.freeze

      # endings, and words in names; the first that fits
      NAMES = [
        [/\.g?tl\z|\.cmp\z|\.top\z|f[_.-]?cu\b|(?:top|front|component).*copper|copper.*(?:top|front)/, "copper", "top"],
        [/\.g?bl\z|\.sol\z|\.bot\z|b[_.-]?cu\b|(?:bot|back|solder).*copper|copper.*(?:bot|back)/, "copper", "bottom"],
        [/\.gts\z|\.stc\z|\.smt\z|f[_.-]?mask|(?:top|front).*mask|mask.*(?:top|front)/, "mask", "top"],
        [/\.gbs\z|\.sts\z|\.smb\z|b[_.-]?mask|(?:bot|back).*mask|mask.*(?:bot|back)/, "mask", "bottom"],
        [/\.gtp\z|\.crc\z|f[_.-]?paste|(?:top|front).*paste|paste.*(?:top|front)/, "paste", "top"],
        [/\.gbp\z|\.crs\z|b[_.-]?paste|(?:bot|back).*paste|paste.*(?:bot|back)/, "paste", "bottom"],
        [/\.gto\z|\.plc\z|\.sst\z|f[_.-]?silk|(?:top|front).*(?:silk|legend)|(?:silk|legend).*(?:top|front)/,
          "legend", "top"],
        [/\.gbo\z|\.pls\z|\.ssb\z|b[_.-]?silk|(?:bot|back).*(?:silk|legend)|(?:silk|legend).*(?:bot|back)/,
          "legend", "bottom"],
        [/\.gko\z|\.gm\d*l?\z|\.mil\z|\.dim\z|edge|outline|profile|contour|border/, "outline", "both"],
        [/\.drl\z|\.xln\z|\.drd\z|\.nc\z|\.txt\z|drill|npth|pth/, "drill", "both"]
      ].freeze

      module_function

      # @param name [String] of the file  @param attributes [Hash{String => Array<String>}]
      # @return [Array(String, String)] one of KINDS, one of SIDES
      def guess(name, attributes = {})
        told(attributes["FileFunction"]) || named(name.downcase) || ["other", "both"]
      end

      # @param function [Array<String>, nil] of .FileFunction  @return [Array(String, String), nil]
      def told(function)
        kind = FUNCTIONS[function&.first] or return
        return [kind, "both"] if %w[outline drill].include?(kind)
        words = function.drop(1).map(&:downcase)
        return [kind, "top"] if words.include?("top")
        words.include?("bot") ? [kind, "bottom"] : ["other", "both"]
      end

      # @param name [String] small letters  @return [Array(String, String), nil]
      def named(name)
        _, kind, side = NAMES.find { |pattern, *| name.match?(pattern) }
        kind && [kind, side]
      end
    end
  end
end
