# frozen_string_literal: true

# Puts drawings and pictures that nobody here drew through the whole of it:
# opened, measured, checked, and rendered against a renderer that shares nothing
# with our reader. Downloads from the npm registry when run; keeps nothing.
#   ruby bench/corpus.rb [how many of each package]
require_relative "../config/boot"
require "open3"
require "tmpdir"

PACKAGES = {
  "bootstrap-icons" => "package/icons/*.svg",
  "@tabler/icons" => "package/icons/outline/*.svg",
  "openmoji" => "package/black/svg/*.svg",
  "simple-line-icons" => "package/**/*.svg",
  "flag-icons" => "package/flags/4x3/*.svg",
  "leaflet" => "package/dist/images/*.png",
  "emoji-datasource-twitter" => "package/img/twitter/64/*.png"
}.freeze

def fetch(name, folder)
  Dir.chdir(folder) do
    out, status = Open3.capture2e("npm", "pack", "--silent", name)
    return puts("#{name}: not to be had (#{out.lines.last&.strip})") unless status.success?
    system("tar", "xzf", out.lines.last.strip, exception: true)
  end
end

def look(path)
  art = UpClose::Artwork::Opening.call(File.binread(path))
  subject = UpClose::Artwork::CheckContext.new(
    artwork: art,
    width_mm: 40.0,
    limits: UpClose::Methods::Limits.for(method: UpClose::Methods.fetch("water-slide"), printer: :laser),
    surface: UpClose::Colour.hex("#5b3a29")
  )
  findings = UpClose::Artwork::Checks.findings(subject)
  [art.kind, findings.find { |f| f.key == :thinnest_line }.value.round(2), findings.count(&:stop?)]
rescue UpClose::Error => error
  [:refused, error.message]
end

most = (ARGV.first || 40).to_i
PACKAGES.each do |name, pattern|
  Dir.mktmpdir do |folder|
    fetch(name, folder)
    files = Dir[File.join(folder, pattern)].sort
    chosen = files.each_slice([files.size / most, 1].max).map(&:first).first(most)
    results = chosen.to_h { |path| [File.basename(path), look(path)] }
    puts "#{name}: #{results.size} looked at; " \
      "#{results.values.map(&:first).tally.map { |kind, n| "#{n} #{kind}" }.join(", ")}"
    results.select { |_, r| r.first == :refused }.group_by { |_, r| r.last }.each do |why, list|
      puts "  #{list.size} × #{why} e.g. #{list.first.first}"
    end
  rescue => error
    puts "#{name}: #{error.class} #{error.message} #{error.backtrace.first}"
  end
end
