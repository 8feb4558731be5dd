# frozen_string_literal: true

# "Bled or ran" was one fault of two. What was written down on an inkjet film ran: unsealed ink
# runs in the water. Everything else bled.
class SplitBledFromRan < ActiveRecord::Migration[7.2]
  def up
    rows = select_rows("SELECT attempts.id, attempts.faults FROM attempts JOIN marks ON marks.id = attempts.mark_id " \
      "WHERE marks.way = 'water-slide' AND marks.printer = 'inkjet' AND attempts.faults LIKE '%bled%'")
    rows.each do |id, faults|
      changed = JSON.parse(faults).map { |fault| (fault == "bled") ? "ran" : fault }
      execute("UPDATE attempts SET faults = #{quote(JSON.generate(changed))} WHERE id = #{id.to_i}")
    end
  end

  def down
    select_rows("SELECT id, faults FROM attempts WHERE faults LIKE '%ran%'").each do |id, faults|
      changed = JSON.parse(faults).map { |fault| (fault == "ran") ? "bled" : fault }.uniq
      execute("UPDATE attempts SET faults = #{quote(JSON.generate(changed))} WHERE id = #{id.to_i}")
    end
  end
end
