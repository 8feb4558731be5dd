# frozen_string_literal: true

# What a pack of a supply costs this shop; supply: its key.
class SupplyPrice < ApplicationRecord
end
