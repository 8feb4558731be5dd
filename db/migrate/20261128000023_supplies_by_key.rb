# frozen_string_literal: true

# A price belongs to a supply's key, whatever its title says later. Rags of all colours have one price, and so has
# carbon paper.
class SuppliesByKey < ActiveRecord::Migration[7.2]
  MERGED = {/rags for / => "rags", /\Acarbon paper/ => "carbon-paper"}.freeze

  def up
    rename_column :supply_prices, :title, :supply
    rows = select_rows("SELECT id, supply FROM supply_prices ORDER BY updated_at DESC")
    rows.group_by { |_, title| key_for(title) }.each do |key, ((newest, _), *older)|
      older.each { |id, _| execute "DELETE FROM supply_prices WHERE id = #{id.to_i}" }
      execute "UPDATE supply_prices SET supply = #{quote(key)} WHERE id = #{newest.to_i}"
    end
    history
  end

  def down
    rename_column :supply_prices, :supply, :title
  end

  private

  def key_for(title)
    merged = MERGED.find { |words, _| title.match?(words) }
    merged ? merged.last : title.downcase.gsub(/[^a-z0-9]+/, "-").delete_suffix("-")
  end

  # what was written down of these rows names the column as it is called now
  def history
    %w[before after].each do |side|
      select_rows("SELECT id, #{side} FROM history_rows WHERE \"of\" = 'supply_prices'").each do |id, written|
        facts = JSON.parse(written || "null") or next
        next unless facts.key?("title")
        facts["supply"] = key_for(facts.delete("title").to_s)
        execute "UPDATE history_rows SET #{side} = #{quote(facts.to_json)} WHERE id = #{id.to_i}"
      end
    end
  end
end
