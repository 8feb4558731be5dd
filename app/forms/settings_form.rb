# frozen_string_literal: true

module Forms
  # How the shop likes things: units, money, time, light.
  class SettingsForm < Base
    CHOICES = %w[unit fractions light week_start fumes paper].freeze

    private

    def read
      CHOICES.each do |name|
        choice(name.to_sym, Preference::ALLOWED[name].grep(String), fallback: Preference.get(name))
      end
      words(:currency, required: "Type a currency, such as € or kr.", most: 5)
      unless allowed?("currency", values[:currency].to_s)
        errors[:currency] ||= "Type a sign or letters, such as € or kr."
      end
      words(:zone, most: 60)
      unless allowed?("zone", values[:zone].to_s)
        errors[:zone] ||= "This computer knows no such time zone. Choose one from the list, or leave it empty."
      end
      attempt(:hour) { UpClose::Costing::Money.read(typed(:hour), field: :hour).to_s }
    end

    def allowed?(name, value) = Preference::ALLOWED.fetch(name).any? { |known| known === value }
  end
end
