# frozen_string_literal: true

require "tzinfo"

# The time zone of this shop: the computer's own, unless another is chosen.
module ShopZone
  module_function

  # every zone this computer knows
  # @return [Array<String>]
  def all
    @all ||= TZInfo::Timezone.all_identifiers.sort
  rescue TZInfo::DataSourceNotFound
    @all = []
  end

  def known?(name) = all.include?(name)

  # every moment is told in it from now on, in this process
  def apply
    name = Preference.get("zone")
    ENV["TZ"] = name.empty? ? Settings::COMPUTER_ZONE : name
  end
end
