# frozen_string_literal: true

# One mark tried once: good, usable or spoilt, with all that was known of it then. What another shop noted has no mark.
class Attempt < ApplicationRecord
  belongs_to :mark, optional: true
  belongs_to :run, optional: true

  scope :own, -> { where(origin: nil) }
  scope :by_method, ->(method_key) { where(method_key: method_key) }

  before_create :keep_facts

  # @return [Array(Integer, Integer)] good or usable ones, and all that were tried, by one way of doing it
  def self.record_of(method_key, printer, stock) = records[[method_key, printer, stock]]

  # the same of every way on record, asked for at once: a page wants several
  # @return [Hash{Array(String, String, String) => Array(Integer, Integer)}]
  def self.records
    summed(TryCount.tallies.select { |(_, _, _, elsewhere, _), _| elsewhere.zero? }) { |key| key.first(3) }
  end

  # @return [UpClose::Record::Ways] the same, with what other shops noted
  def self.ways
    here, elsewhere = TryCount.tallies.partition { |(_, _, _, elsewhere, _), _| elsewhere.zero? }
    UpClose::Record::Ways.new(summed(here) { |key| key.first(3) }, elsewhere: summed(elsewhere, &:first))
  end

  # @yieldparam key [Array] as TryCount.tallies has them  @yieldreturn [Object] what is added up under
  def self.summed(counts)
    counts.each_with_object(Hash.new([0, 0].freeze)) do |(key, count), all|
      name = yield(key)
      all[name] = all[name].zip([(key.last == "spoilt") ? 0 : count, count]).map(&:sum)
    end
  end
  private_class_method :summed

  def good? = result != "spoilt"

  # @return [Class, nil] a UpClose::Methods::Definition
  def method_core = UpClose::Methods.all.find { |method| method.key == method_key }

  def material_core = material && UpClose::Materials.material(material)

  def finish_core = finish && UpClose::Materials.finish(finish)

  # @return [Array<UpClose::Record::StepTime>]
  def times_core = times.map { |hash| UpClose::Record::StepTime.from_h(hash) }

  private

  # what is known without anyone typing it
  def keep_facts
    self.piece ||= mark&.pieces_wanting&.first || 1
    self.made_at ||= Time.now if mark && method_key
    return if mark.nil? || method_key
    facts = AttemptFacts.new(mark, run || mark.run).call(piece)
    assign_attributes(facts.merge(made_at: made_at || facts[:made_at] || Time.now))
  end
end
