# frozen_string_literal: true

module Actions
  # Changes what a board's files are for, or how it is made.
  module ChangeBoard
    module_function

    # @param form [Forms::BoardForm]
    # @return [Boolean]
    def call(board, form)
      return false unless form.ok?
      ApplicationRecord.change { board.update!(form.values.slice(:name, :method_key, :depth_mm, :layout)) }
      true
    end

    # @param told [Hash{String => String}] a file's number → "copper top"; what it does not name stays
    # @return [Array<Hash>] its files with what each is for
    def layers_told(board, told)
      board.files.each_with_index.map do |file, i|
        kind, side = told[i.to_s].to_s.split
        known = UpClose::Boards::LayerKind::KINDS.include?(kind) && UpClose::Boards::LayerKind::SIDES.include?(side)
        known ? file.merge("kind" => kind, "side" => side) : file
      end
    end
  end
end
