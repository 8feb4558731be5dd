# frozen_string_literal: true

# What a mark is for and what is done after the transfer; how rough a piece is, and its other colours; which piece an
# attempt was made on, since one piece may take several tries.
class PurposesAndPieces < ActiveRecord::Migration[7.2]
  # what each method was done for, while nobody was asked
  USUAL = {
    "tracing" => "guide", "cut-template" => "pattern", "heat-resist" => "resist", "lacquer-pull" => "resist"
  }.freeze

  def up
    add_column :marks, :purpose, :string
    add_column :marks, :afterwards, :string
    add_column :marks, :work_s, :float
    add_column :pieces, :grit, :integer
    add_column :pieces, :more_colours, :json, null: false, default: []
    add_column :attempts, :piece, :integer
    add_reference :runs, :leader, foreign_key: {to_table: :runs}
    add_column :runs, :together, :json, null: false, default: []
    say_purposes
    number_pieces
  end

  def down
    remove_column :marks, :purpose
    remove_column :marks, :afterwards
    remove_column :marks, :work_s
    remove_column :pieces, :grit
    remove_column :pieces, :more_colours
    remove_column :attempts, :piece
    remove_column :runs, :together
    remove_reference :runs, :leader
  end

  private

  # burning and carving were schools of some methods
  def say_purposes
    rows = select_rows("SELECT id, way, picked FROM marks WHERE way IS NOT NULL")
    rows.each do |id, way, picked|
      picked = JSON.parse(picked || "{}")
      after = picked.delete("after")
      worked = %w[burn carve].include?(after)
      execute(ActiveRecord::Base.sanitize_sql([
        "UPDATE marks SET purpose = ?, afterwards = ?, picked = ? WHERE id = ?",
        worked ? "guide" : USUAL.fetch(way, "picture"), worked ? after : nil, JSON.generate(picked), id
      ]))
    end
  end

  # good ones are one piece each, in their order
  def number_pieces
    piece = Hash.new(0)
    select_rows("SELECT id, mark_id, result FROM attempts ORDER BY copy, id").each do |id, mark, result|
      at = piece[mark] + 1
      piece[mark] = at unless result == "spoilt"
      execute("UPDATE attempts SET piece = #{at} WHERE id = #{id}")
    end
  end
end
