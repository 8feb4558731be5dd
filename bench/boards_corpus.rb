# frozen_string_literal: true

# Board files that nobody here drew, read by our reader and by a general Gerber library that shares nothing with it:
# areas and weighted middles side by side. Downloads from the npm registry when run; keeps nothing.
#   ruby bench/boards_corpus.rb [folder that holds both packages already]
require_relative "../config/boot"
require "open3"
require "tmpdir"
require "json"
require "vips"
require "shelves/board_files"

FILES = "@tracespace/fixtures"
LIBRARY = "gerber-to-svg"
AREA_SHARE = 0.005
PLACE_MM = 0.01
LONGEST_PX = 4000
DRAW = <<~JS
  const draw = require("#{LIBRARY}"), fs = require("fs");
  const made = draw(fs.createReadStream(process.argv[1]), {id: "x", attributes: {color: "black"}}, (error, svg) => {
    if (error) { console.error(error.message); process.exit(1); }
    process.stdout.write(JSON.stringify({viewBox: made.viewBox, units: made.units}) + "\\n" + svg);
  });
JS

# area and middle of ink, mm, y upwards
Seen = Struct.new(:area, :x, :y)

def ours(path)
  layer = UpClose::Boards::Layer.read(File.basename(path), File.binread(path))
  middle = layer.region.shape.centroid
  Seen.new(layer.region.area, middle.x, -middle.y)
end

def other(path, folder)
  out, error, status = Open3.capture3("node", "-e", DRAW, path, chdir: folder)
  raise error.lines.first.to_s unless status.success?
  about, svg = out.split("\n", 2)
  about = JSON.parse(about)
  measured(svg, about["viewBox"].map { |value| value / 1000.0 * ((about["units"] == "in") ? 25.4 : 1.0) })
end

# coverage summed over a rendering
def measured(svg, (left, low, width, height))
  natural = Vips::Image.svgload_buffer(svg, unlimited: true)
  image = Vips::Image.svgload_buffer(svg, unlimited: true, scale: LONGEST_PX.to_f / [natural.width, natural.height].max)
  ink = image[3] / 255.0
  sum = ink.avg * image.width * image.height
  places = Vips::Image.xyz(image.width, image.height)
  x, y = [0, 1].map { |axis| (ink * (places[axis] + 0.5)).avg * image.width * image.height / sum }
  Seen.new(
    ink.avg * width * height, left + x / image.width * width, low + height - y / image.height * height
  )
end

def compare(path, folder)
  mine, theirs = ours(path), other(path, folder)
  return [:empty] if mine.area.zero?
  [(mine.area / theirs.area - 1).abs, Math.hypot(mine.x - theirs.x, mine.y - theirs.y), mine.area, theirs.area]
rescue UpClose::Error => error
  [:refused, error.sentence]
rescue => error
  [:other_failed, error.message[0, 100]]
end

def look(folder)
  paths = Dir[File.join(folder, "node_modules", FILES, "{boards,gerbers}", "**", "*")]
    .select { |path| File.file?(path) && Shelves::BoardFiles.part?(File.binread(path)) }.sort
  results = paths.to_h do |path|
    began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    result = compare(path, folder)
    warn format("%-50s %.1f s", path[-50..], Process.clock_gettime(Process::CLOCK_MONOTONIC) - began)
    [path.split("/").last(2).join("/"), result]
  end
  told, rest = results.partition { |_, result| result.first.is_a?(Float) }
  within = told.select { |_, (area, place)| area <= AREA_SHARE && place <= PLACE_MM }
  puts "#{FILES}: #{results.size} files; #{told.size} compared, #{within.size} agree within " \
    "#{AREA_SHARE * 100} % and #{PLACE_MM} mm; #{rest.size} not compared"
  (told - within).each do |name, (area, place, mine, theirs)|
    puts format("  %-44s %7.3f %%  %.4f mm  ours %.4f, theirs %.4f", name, area * 100, place, mine, theirs)
  end
  rest.each { |name, result| puts "  #{name}: #{result.join(" ")}" }
end

if ARGV.first
  look(File.expand_path(ARGV.first))
else
  Dir.mktmpdir do |folder|
    system("npm", "install", "--silent", "--prefix", folder, LIBRARY, FILES, exception: true)
    look(folder)
  end
end
