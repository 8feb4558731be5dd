# frozen_string_literal: true

# One report, figures side by side: name, what was measured, what is wanted.
module Bench
  Figure = Struct.new(:name, :measured, :wanted)
  FIGURES = []

  def self.report(name, measured, wanted) = FIGURES << Figure.new(name, measured, wanted)

  def self.seconds
    start = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    yield
    Process.clock_gettime(Process::CLOCK_MONOTONIC) - start
  end

  # @return [Float] the middle of +times+ runs, after one to warm up
  def self.median(times = 15)
    yield
    Array.new(times) { seconds { yield } }.sort[times / 2]
  end

  # a page of the shop, in process
  def self.page(path)
    @session ||= Rack::MockRequest.new(Web)
    answer = @session.get(path, "HTTP_HOST" => "localhost", "REMOTE_ADDR" => "127.0.0.1")
    raise "#{path} answered #{answer.status}" unless answer.status == 200
  end

  def self.ms(value) = "#{(value * 1000).round(1)} ms"

  # Time and peak memory of a script in a process of its own: the middle of so many runs.
  # A fork would inherit libvips's locks without its threads.
  # @return [Array(Float, Float)] seconds and MB
  def self.alone(script, *arguments, times: 3)
    runs = Array.new(times) do
      out = IO.popen(["ruby", File.join(__dir__, script), *arguments], &:read)
      raise "#{script} failed" unless $?.success?
      out.split.map(&:to_f)
    end
    runs.transpose.map { |values| values.sort[times / 2] }
  end

  def self.print
    widths = [:name, :measured, :wanted].map { |key| (FIGURES.map { |f| f[key].length } + [10]).max }
    FIGURES.each { |f| puts f.to_a.each_with_index.map { |text, i| text.ljust(widths[i]) }.join("  ") }
  end
end
