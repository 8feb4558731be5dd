# frozen_string_literal: true

require "json"
require "command_line/options"
require "command_line/as_json"

module CommandLine
  # up-close etch: how long a depth takes in a bath or by current, and what it leaves of a line.
  class EtchVerb
    USAGE = "up-close etch --metal copper --depth 0.035mm [--bath KEY --temperature 25 --motion moved --ml 500 " \
      "--taken 0 | --amps 0.5] [--area 1200] [--line 0.3mm]"
    NAMES = %w[metal depth bath temperature motion ml taken amps area line].freeze

    def initialize(arguments)
      @options, rest = Options.read(arguments, usage: USAGE, names: NAMES)
      raise WrongUse, "Give a metal and a depth: #{USAGE}." unless rest.empty? && @options[:metal] && @options[:depth]
      raise WrongUse, "Give a bath or a current, one of the two." if @options[:bath] && @options[:amps]
      raise WrongUse, "A current wants the bare area too: --area, in mm²." if @options[:amps] && !@options[:area]
    end

    # @return [String] JSON
    def call
      seconds = way.time_s(depth)
      JSON.pretty_generate(
        metal: metal.key, depth_mm: depth.round(4),
        side_mm: undercut.side_mm.round(4), side_working: undercut.working.to_s,
        **told_way, time_s: seconds.round, working: way.working(depth).to_s,
        laps_s: UpClose::Etching::Laps.of(seconds).map(&:round), line: line,
        findings: [undercut.finding(drawn), way.finding(depth)].compact.map { |finding| AsJson.finding(finding) },
        baths: baths
      )
    end

    private

    def metal = UpClose::Etching::Metal.fetch(@options[:metal])

    def undercut = @undercut ||= UpClose::Etching::Undercut.new(length(:depth))

    def depth = undercut.depth_mm

    def drawn = @options[:line] && length(:line)

    # a plain number is mm
    def length(name) = UpClose::Measure::Length.read(@options[name]).mm

    def way = @way ||= @options[:amps] ? current : in_bath

    def current
      UpClose::Etching::Current.new(metal: metal, amps: number(:amps), area_mm2: number(:area))
    end

    def in_bath
      UpClose::Etching::InBath.new(
        bath: bath, metal: metal, temperature_c: number(:temperature) || UpClose::Etching::Bath::TOLD_C,
        motion: motion, taken_g_l: number(:taken) || 0, area_mm2: number(:area), ml: number(:ml)
      )
    end

    # the weakest that suits, unless one is named
    def bath
      return UpClose::Etching::Baths.fetch(@options[:bath]) if @options[:bath]
      UpClose::Etching::Baths.for(metal).first
    end

    def motion
      name = @options[:motion] || "moved"
      UpClose::Etching::Bath::MOTION.keys.find { |key| key.to_s == name } or
        raise WrongUse, "Give --motion as one of: #{UpClose::Etching::Bath::MOTION.keys.join(", ")}."
    end

    def number(name)
      text = @options[name] or return
      Float(text, exception: false)&.then { |value| value if value.finite? } or
        raise WrongUse, "“#{text}” is no number: --#{name}."
    end

    def told_way
      if @options[:amps]
        cautions = [UpClose::Cautions.fetch(:current)]
        return {current: {amps: way.amps, density_a_dm2: way.density_a_dm2.round(3), cautions: cautions}}
      end
      {
        bath: {
          key: way.bath.key, rate_um_a_minute: way.rate.round(4), volume_ml: way.volume_ml(depth).round(1),
          plates: way.plates(depth), cautions: way.bath.cautions.map { |key| UpClose::Cautions.fetch(key) },
          waste: way.bath.waste
        }
      }
    end

    def line
      drawn && {
        drawn_mm: drawn, left_mm: undercut.line_mm(drawn).round(4), gap_mm: undercut.gap_mm(drawn).round(4),
        draw_mm: undercut.drawn_for(drawn).round(4)
      }
    end

    def baths
      UpClose::Etching::Baths.all.map { |bath| {key: bath.key, refused: bath.against(metal)} }
    end
  end
end
