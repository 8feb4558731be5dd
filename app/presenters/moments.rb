# frozen_string_literal: true

module Presenters
  # Times and lengths of time as a maker says them. Local time, 24 hours.
  module Moments
    module_function

    # "19:40", "Sat 14:00", "12 Dec 14:00"
    def clock(time, now)
      local = time.getlocal
      days = (local.to_date - now.getlocal.to_date).to_i
      return local.strftime("%H:%M") if days.zero?
      (days.abs < 6) ? local.strftime("%a %H:%M") : local.strftime("%-d %b %H:%M")
    end

    # "just now", "12 minutes ago", "3 hours ago"; from a day on as the clock has it
    def ago(time, now)
      gone = (now - time).to_i
      return clock(time, now) if gone >= 86_400 || gone.negative?
      return "just now" if gone < 60
      many, unit = (gone < 3600) ? [gone / 60, "minute"] : [gone / 3600, "hour"]
      "#{many} #{unit}#{"s" if many > 1} ago"
    end

    # "41:20" under an hour, "3 h 05" under a day, "1 d 4 h"
    def span(seconds)
      whole = seconds.to_i.abs
      return format("%d:%02d", whole / 60, whole % 60) if whole < 3600
      return format("%d h %02d", whole / 3600, whole % 3600 / 60) if whole < 86_400
      hours = whole % 86_400 / 3600
      hours.zero? ? "#{whole / 86_400} d" : "#{whole / 86_400} d #{hours} h"
    end

    # "30 to 60 s", "at least 2 min"
    def lasting(step)
      return about(step.least_s) unless step.wait?
      return "at least #{about(step.least_s)}" unless step.most_s
      "#{about(step.least_s)} to #{about(step.most_s)}"
    end

    def window(step)
      parts = []
      parts << "not before #{about(step.earliest_s)}" if step.earliest_s&.positive?
      parts << "within #{about(step.latest_s)}" if step.latest_s
      parts.join(", ")
    end

    def about(seconds)
      return "#{seconds.round} s" if seconds < 120
      return "#{(seconds / 60.0).round} min" if seconds < 7200
      return "#{UpClose::Working.number(seconds / 3600.0, 1)} h" if seconds < 172_800
      "#{UpClose::Working.number(seconds / 86_400.0, 1)} days"
    end

    def day(date) = date.strftime("%a %-d %B")
  end
end
