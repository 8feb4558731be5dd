# frozen_string_literal: true

# The shop's first tables.
class Begin < ActiveRecord::Migration[7.2]
  def change
    create_jobs
    create_pieces
    create_artworks
    create_marks
    create_runs
    create_step_ends
    create_attempts
    create_preferences
  end

  private

  def create_jobs
    create_table :jobs do |t|
      t.string :title, null: false
      t.string :for_whom, null: false, default: ""
      t.date :due_on
      t.text :note, null: false, default: ""
      t.datetime :put_away_at
      t.timestamps
    end
  end

  def create_pieces
    create_table :pieces do |t|
      t.references :job, null: false, foreign_key: true
      t.string :name, null: false
      t.string :shape, null: false
      t.json :measures, null: false
      t.string :material, null: false
      t.string :finish, null: false
      t.string :colour, null: false
      t.integer :count, null: false, default: 1
      t.boolean :seen_through, null: false, default: false
      t.timestamps
    end
  end

  def create_artworks
    create_table :artworks do |t|
      t.string :name, null: false
      t.string :kind, null: false
      t.string :original
      t.text :lettering
      t.string :font
      t.json :ink, null: false
      t.json :silhouette, null: false
      t.json :facts, null: false
      t.string :source, null: false, default: ""
      t.timestamps
    end
  end

  def create_marks
    create_table :marks do |t|
      t.references :piece, null: false, foreign_key: true
      t.references :artwork, foreign_key: true
      t.string :way
      t.string :printer
      t.string :stock
      t.json :picked, null: false
      t.string :reading, null: false, default: "auto"
      t.string :sealer, null: false, default: "spray-acrylic"
      placed(t)
      t.string :paper, null: false, default: "a4"
      t.integer :copies
      t.datetime :placed_at
      t.datetime :packed_at
      t.datetime :put_away_at
      t.timestamps
    end
  end

  # where a mark lies on its piece
  def placed(t)
    t.float :x_mm, null: false, default: 0
    t.float :y_mm, null: false, default: 0
    t.float :width_mm
    t.float :turn_deg, null: false, default: 0
    t.float :clearance_mm, null: false, default: 2
    t.json :earlier_places, null: false
  end

  def create_runs
    create_table :runs do |t|
      t.references :mark, null: false, foreign_key: true
      t.json :steps, null: false
      t.datetime :began_at, null: false, precision: 6
      t.datetime :ended_at, precision: 6
      t.timestamps
    end
  end

  def create_step_ends
    create_table :step_ends do |t|
      t.references :run, null: false, foreign_key: true
      t.string :step, null: false
      t.datetime :done_at, null: false, precision: 6
      t.boolean :late, null: false, default: false
      t.text :note, null: false, default: ""
      t.index %i[run_id step], unique: true
    end
  end

  def create_attempts
    create_table :attempts do |t|
      t.references :mark, null: false, foreign_key: true
      t.references :run, foreign_key: true
      t.integer :copy, null: false
      t.string :result, null: false
      t.json :faults, null: false
      t.text :note, null: false, default: ""
      t.timestamps
    end
  end

  def create_preferences
    create_table :preferences do |t|
      t.string :name, null: false, index: {unique: true}
      t.string :value, null: false
    end
  end
end
