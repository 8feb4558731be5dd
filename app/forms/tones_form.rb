# frozen_string_literal: true

module Forms
  # How all pictures of a contact sheet are lightened together.
  class TonesForm < Base
    private

    def read
      {lighter: -100.0..100.0, more: -100.0..99.0}.each do |name, range|
        number = Float(typed(name).to_s.tr(",−", ".-"), exception: false)
        next values[name] = number if number && range.cover?(number)
        errors[name] = "From #{range.begin.round} to #{range.end.round}."
      end
    end
  end
end
