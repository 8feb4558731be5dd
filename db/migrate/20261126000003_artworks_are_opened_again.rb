# frozen_string_literal: true

# Files are read otherwise since: what lies beyond a drawing's page is left out, and drawings that
# must become pictures are rendered by their ink. Artworks that were there before keep all that they
# held; those that are pictures are opened once more when the shop is next started (Actions::OpenAgain).
class ArtworksAreOpenedAgain < ActiveRecord::Migration[7.2]
  def up
    execute("UPDATE artworks SET facts = json_set(COALESCE(facts, '{}'), '$.take_all', json('true')) WHERE original " \
      "IS NOT NULL AND kind = 'drawing'")
    execute("UPDATE artworks SET facts = json_set(COALESCE(facts, '{}'), '$.take_all', json('true'), " \
      "'$.open_again', json('true')) WHERE original IS NOT NULL AND kind = 'picture'")
  end

  def down
  end
end
