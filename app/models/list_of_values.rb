# frozen_string_literal: true

# A column of JSON that holds a list of core values: hashes in the file, values for whoever asks.
class ListOfValues < ActiveRecord::Type::Json
  # @param value [Class] answers +from_h+; its instances +to_h+
  def initialize(value)
    @value = value
    super()
  end

  def deserialize(raw) = values(super)

  def cast(given) = values(given)

  def serialize(given) = super(given&.map(&:to_h))

  def changed_in_place?(raw, given) = deserialize(raw) != given

  private

  def values(list) = list&.map { |entry| entry.is_a?(Hash) ? @value.from_h(entry) : entry }
end
