# frozen_string_literal: true

module Actions
  # The best of a grid of settings, put into the shop's own way of doing it: the step that has such a setting says it
  # first, and keeps it where it is a figure of its own.
  module KeepSettings
    # of each setting: the steps it belongs to, the likeliest first, and the step's own figure, where it has one
    WHERE = {
      "heat" => [%w[press bake warm], "temperature_c"], "time" => [%w[press bake set soak rub], nil],
      "wait" => [%w[lay join slide rub], "earliest_s"], "passes" => [%w[rub press], "passes"],
      "pressure" => [%w[press burnish rub], nil], "coats" => [%w[coat spread clear], nil]
    }.freeze

    module_function

    # @param coupon [Coupon] of a grid that was read
    # @return [SchoolChange]
    # @raise [UpClose::Error] where no step has such a setting
    def call(coupon, now)
      title = ChangeSchool::TITLE
      ApplicationRecord.change do
        school = OwnSchool.find_or_initialize_by(method_key: coupon.method_key, title: title)
        steps = school.steps.presence || UpClose::Methods::OwnSteps.copied(coupon.mark.setting)
        told = axes(coupon).group_by { |axis| step_of(steps, axis) }
        school.update!(steps: steps.map { |step| step.merge(fields(step, told.fetch(step["key"], []), coupon)) })
        SchoolChange.create!(
          method_key: coupon.method_key, own_school: school, cause: "coupon", step: told.keys.first, made_at: now,
          words: "#{words(axes(coupon), coupon)} (coupon #{coupon.id})."
        )
      end
    end

    def axes(coupon) = [coupon.plan_core.across, coupon.plan_core.down].compact

    # @return [String] its key
    def step_of(steps, axis)
      keys = steps.map { |step| step["key"] }
      WHERE.fetch(axis.key).first.find { |key| keys.include?(key) } ||
        raise(UpClose::Error.new(
          "No step of this method has a #{axis.title}.", remedy: "Write it into your own way by hand.", field: :grid
        ))
    end

    # a figure that the step has of its own is set; words come before those that were there
    # @param axes [Array<UpClose::Coupons::Grid::Axis>] settings of this step
    def fields(step, axes, coupon)
      return {} if axes.empty?
      own = axes.filter_map { |axis|
        figure, value = WHERE.fetch(axis.key).last, coupon.best["at"].fetch(axis.key)
        [figure, (figure == "passes") ? value.round : value.round(1)] if figure && step.key?(figure)
      }.to_h
      told = "#{words(axes, coupon)}."
      own.merge("words" => step["words"].to_s.include?(told) ? step["words"] : "#{told} #{step["words"]}".strip)
    end

    # "About 182 °C, 123 s"
    def words(axes, coupon)
      "About #{axes.map { |axis| axis.words(coupon.best["at"].fetch(axis.key).round(1)) }.join(", ")}"
    end
    private_class_method :axes, :step_of, :fields, :words
  end
end
