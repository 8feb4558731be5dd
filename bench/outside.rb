# frozen_string_literal: true

# Files made to do harm, and good files broken in thousands of ways, through the workers that open
# them: what each is answered, how long it took, how much memory, and whether any was lost.
#   ruby bench/outside.rb [how many broken ones, 5000 at first]
require_relative "../lib/bundle"
$LOAD_PATH.unshift File.expand_path("../lib", __dir__), File.expand_path("../spec/support", __dir__)
require "tmpdir"
require "zlib"
require "up_close"
require "workers"
require "shelves/drawn_artwork"
require "rspec/core"
require "raw_pdf"
require "brought"

# What is tried, and how.
class Outside
  include RawPDF

  HEAD = Brought::HEAD

  def initialize(folder)
    @folder = folder
    @store = Shelves::OriginalStore.new(File.join(folder, "originals"))
  end

  # one file: the answer in words, and seconds
  def try(bytes)
    began = now
    source = Shelves::ArtworkSource::Original.new(
      File.join(@folder, "originals"),
      File.join(@folder, "opened"),
      @store.put(bytes),
      {}
    )
    answer = begin
      Workers.call(source, :facts)
      "opened"
    rescue UpClose::Error => error
      error.sentence
    end
    [answer, now - began]
  end

  def hostile
    {
      "a filter of 340 bytes" => [
        %(<svg #{HEAD} width="9000" height="9000"><filter id="f" x="-9" y="-9" width="99" height="99"><feTurbulence ),
        %(baseFrequency=".9" numOctaves="900"/><feMorphology radius="900"/><feGaussianBlur stdDeviation="900"/>),
        %(</filter><rect width="9000" height="9000" filter="url(#f)"/></svg>)
      ].join,
      "a plain blur" => [
        %(<svg #{HEAD} width="3000" height="3000"><filter id="f"><feGaussianBlur stdDeviation="400"/></filter>),
        %(#{%(<rect width="2000" height="2000" filter="url(#f)"/>) * 40}</svg>)
      ].join,
      "a path of 8 MB" => %(<svg #{HEAD} viewBox="0 0 9 9"><path d="M0 0#{"l1 1-1-.5" * 860_000}"/></svg>),
      "a path for a slow expression" => %(<svg #{HEAD} viewBox="0 0 9 9"><path d="#{"1" * 4_000_000}"/></svg>),
      "a tag that never ends" => %(<svg #{HEAD}><use #{"a " * 3_000_000}),
      "nested 20,000 deep" => %(<svg #{HEAD}>#{"<g>" * 20_000}<rect width="9" height="9"/>#{"</g>" * 20_000}</svg>),
      "a million parts" => %(<svg #{HEAD}>#{"<g/>" * 1_000_000}</svg>),
      "uses of uses" => [
        %(<svg #{HEAD} viewBox="0 0 9 9"><defs><g id="a0"><rect width="1" height="1"/></g>),
        %(#{(1..40).map { |i| %(<g id="a#{i}">#{%(<use href="#a#{i - 1}"/>) * 9}</g>) }.join}</defs><use href="#a40"/>),
        %(</svg>)
      ].join,
      "numbers of 400 digits" => [
        %(<svg #{HEAD} viewBox="0 0 9 9"><rect width="#{"9" * 400}" height="1e999" x="NaN" y="-#{"9" * 400}"/></svg>)
      ].join,
      "a view box of nothing" => [
        %(<svg #{HEAD} viewBox="0 0 0 0" width="NaNmm" height="-5"><rect width="9" height="9"/></svg>)
      ].join,
      "rules by the thousand" => [
        %(<svg #{HEAD} viewBox="0 0 9 9"><style>#{(1..20_000).map { |i| ".a#{i}{fill:red}" }.join}</style>),
        %(#{%(<rect class="a1" width="1" height="1"/>) * 20_000}</svg>)
      ].join,
      "names that multiply" => [
        %(<!DOCTYPE svg [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;">]><svg #{HEAD}><title>&b;</title>),
        %(</svg>)
      ].join,
      "a name used too often" => [
        %(<!DOCTYPE svg [<!ENTITY a "#{"a" * 4000}">]><svg #{HEAD}><title>#{"&a;" * 100_000}</title></svg>)
      ].join,
      "60,000 × 60,000 pixels" => png(60_000, 60_000),
      "10,000 × 11,000 pixels" => (Vips::Image.black(10_000, 11_000) + 255).cast(:uchar).pngsave_buffer,
      "pages in a ring" => raw_pdf("0 0 9 9 re f").sub("/Kids [3 0 R]", "/Kids [2 0 R]"),
      "arrays 100,000 deep" => raw_pdf(
        "0 0 9 9 re f",
        page: "/MediaBox [0 0 200 100] /X #{"[" * 100_000}#{"]" * 100_000}"
      ),
      "a page of 14 km" => raw_pdf("0 0 9 9 re f", page: "/MediaBox [0 0 40000000 40000000]"),
      "a form that draws itself" => raw_pdf(
        "/F Do",
        resources: "/XObject << /F 5 0 R >>",
        more: [
          ["/Type /XObject /Subtype /Form /BBox [0 0 9 9] /Resources << /XObject << /F 5 0 R >> >>", "/F Do /F Do"]
        ]
      ),
      "a stream that unfolds" => raw_pdf("", more: []).sub("stream\n\n", "stream\n\n"),
      "a drawing that unfolds" => Zlib.gzip("<svg>" + " " * 400_000_000)
    }
  end

  def good
    [
      *Brought::DRAWINGS.values.map(&:last),
      *Brought::PAGES.values.map { |_, operators, how| raw_pdf(operators, **how) },
      *pictures
    ]
  end

  def pictures
    noise = Vips::Image.gaussnoise(60, 60).cast(:uchar).copy(interpretation: :"b-w")
    %w[png jpg webp tif gif heic].map { |format| noise.write_to_buffer(".#{format}") }
  end

  # cut, doubled or flipped, by chance that is always the same
  def broken(bytes, random)
    bytes = bytes.b
    at = random.rand(bytes.bytesize)
    case random.rand(4)
    when 0 then bytes.byteslice(0, at)
    when 1
      bytes.byteslice(0, at) + bytes.byteslice(at, 1 + random.rand(200)) * (1 + random.rand(50)) + bytes.byteslice(
        at,
        bytes.bytesize
      )
    when 2
      bytes.dup.tap { |b| (1 + random.rand(8)).times { b.setbyte(random.rand(b.bytesize), random.rand(256)) } }
    else bytes.byteslice(0, at) + random.bytes(random.rand(40)) + bytes.byteslice(
      [at + random.rand(40), bytes.bytesize].min,
      bytes.bytesize
    )
    end
  end

  private

  def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

  def png(width, height)
    chunk = "IHDR".b + [width, height, 1, 0, 0, 0, 0].pack("NNC5")
    data = "IDAT".b + Zlib.deflate("\0" * 30_000)
    [
      UpClose::Artwork::Picture::PNG,
      [13].pack("N"),
      chunk,
      [Zlib.crc32(chunk)].pack("N"),
      [data.bytesize - 4].pack("N"),
      data,
      [Zlib.crc32(data)].pack("N")
    ]
      .join
      .b
  end
end

Dir.mktmpdir do |folder|
  outside = Outside.new(folder)
  Workers.pool.warm
  puts "Made to do harm:"
  outside.hostile.each do |name, bytes|
    answer, seconds = outside.try(bytes)
    puts format("  %-30s %6.1f s  %s", name, seconds, answer[0, 110])
  end
  puts "most memory in one worker: #{Workers.pool.peak_bytes / 1_000_000} MB"
  count = (ARGV.first || 5000).to_i
  random = Random.new(11)
  good = outside.good
  began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  answers = Array.new(count) { outside.try(outside.broken(good.sample(random: random), random)) }
  took = Process.clock_gettime(Process::CLOCK_MONOTONIC) - began
  puts "Broken: #{count} tried, #{answers.size} answered, #{answers.count { |a, _| a == "opened" }} of them opened, " \
    "in #{took.round} s; the longest #{answers.map(&:last).max.round(1)} s"
  answers.map(&:first).tally.sort_by { |_, n| -n }.first(20).each do |words, n|
    puts format("  %5d  %s", n, words[0, 110])
  end
  puts "most memory in one worker: #{Workers.pool.peak_bytes / 1_000_000} MB; this process " \
    "#{Workers::Usage.resident_bytes(Process.pid) / 1_000_000} MB"
end
