# frozen_string_literal: true

module Actions
  # The best of a grid of settings, put into the shop's own way of doing it.
  module KeepSettings
    module_function

    # @param coupon [Coupon] of a grid that was read
    # @return [SchoolChange]
    # @raise [UpClose::Error] where no step has such a setting
    def call(coupon, now)
      ApplicationRecord.change do
        school = OwnSchool.find_or_initialize_by(method_key: coupon.method_key, title: ChangeSchool::TITLE)
        settings = settings_in(school, coupon)
        school.update!(steps: settings.call)
        SchoolChange.create!(
          method_key: coupon.method_key, own_school: school, cause: "coupon", step: settings.first_step, made_at: now,
          words: "#{settings.words} (coupon #{coupon.id})."
        )
      end
    end

    def settings_in(school, coupon)
      steps = school.steps.presence || UpClose::Methods::OwnSteps.copied(coupon.mark.setting)
      plan = coupon.plan_core
      UpClose::Coupons::SettingsInSteps.new(steps, [plan.across, plan.down].compact, coupon.best["at"])
    end
    private_class_method :settings_in
  end
end
