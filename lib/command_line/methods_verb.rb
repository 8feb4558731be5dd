# frozen_string_literal: true

require "json"
require "command_line/options"

module CommandLine
  # up-close methods: every method and its schools.
  class MethodsVerb
    USAGE = "up-close methods"

    def initialize(arguments)
      _, rest = Options.read(arguments, usage: USAGE, names: [])
      raise WrongUse, "#{USAGE} takes nothing more." if rest.any?
    end

    # @return [String] JSON
    def call = JSON.pretty_generate(methods: UpClose::Methods.all.map { |method| told(method) })

    private

    def told(method)
      {
        key: method.key, title: method.title, summary: method.summary, printers: method.printers,
        stocks: method.stocks.map(&:key), turns: UpClose::Methods::Orientation.new(method).turns,
        reading: UpClose::Methods::Orientation.new(method).word, starting_chance: method.chance, fumes: method.fumes,
        heat_c: method.heat_c, undo: method.undo,
        limits: method.printers.to_h { |printer| [printer, method.holds(printer)] },
        schools: method.choices.map { |choice|
          {
            key: choice.key,
            title: choice.title,
            options: choice.options.map { |key, (title, reason)| {key: key, title: title, reason: reason} }
          }
        }
      }
    end
  end
end
