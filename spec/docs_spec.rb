# frozen_string_literal: true

RSpec.describe "what the documents promise" do
  root = File.expand_path("..", __dir__)
  readme = File.read(File.join(root, "README.md"))
  pages = [
    "README.md",
    "CONTRIBUTING.md",
    "CHANGELOG.md",
    *Dir[File.join(root, "docs/**/*.md")].map { |f| f.delete_prefix("#{root}/") }
  ]

  pages.each do |page|
    it "leads nowhere that is not there: #{page}" do
      links = File.read(File.join(root, page)).scan(/\]\(([^)#]+)\)/).flatten.reject { |link| link.start_with?("http") }
      missing = links.reject { |link| File.exist?(File.expand_path(link, File.join(root, File.dirname(page)))) }
      expect(missing).to be_empty
    end
  end

  it "has a heading for every place in the handbook that the code cites" do
    headings = File.read(File.join(root, "docs/handbook.md")).scan(/^#+ (.+)$/).flatten
    cited = Dir[File.join(root, "{app,lib,spec}/**/*.rb")].reject { |file| file == __FILE__ }.flat_map do |file|
      File.read(file).scan(/handbook,\s+(?:#\s*)?“([^”]+)”/).flatten
    end
    expect(cited.size).to be > 20
    expect(cited - headings).to be_empty
  end

  it "shows a picture of every main view, and no stray ones" do
    taken = File.read(File.join(root, "docs/screens.rb")).scan(/"([\w-]+)" => \["/).flatten.sort
    there = Dir[File.join(root, "docs/screenshots/*.png")].map { |f| File.basename(f, ".png") }.sort
    shown = readme.scan(%r{docs/screenshots/([\w-]+)\.png}).flatten.uniq.sort
    expect(there).to eq taken
    expect(shown).to eq taken
    expect(there.size).to be < 20
  end

  it "names commands that are there and can be run" do
    named = pages.flat_map { |page| File.read(File.join(root, page)).scan(%r{\bbin/([\w-]+)}).flatten }.uniq
    expect(named).to include("demo", "test", "bench", "screens", "up-close")
    expect(named.reject { |name| File.executable?(File.join(root, "bin", name)) }).to be_empty
  end

  it "tells of every setting, and of none that is not one" do
    known = File.read(File.join(root, "config/settings.rb")).scan(/UP_CLOSE_\w+/).uniq.sort
    expect(readme.scan(/UP_CLOSE_\w+/).uniq.sort).to eq known
  end

  it "ships a licence with every font" do
    folder = File.join(root, "app/assets/fonts")
    licences = Dir[File.join(folder, "licences/*")].map { |f| File.basename(f, ".*") }
    fonts = Dir[File.join(folder, "{lettering,ui}/*")].map { |f| File.basename(f, ".*") }
    without = fonts.reject do |font|
      licences.any? do |licence|
        font.start_with?(licence) || font.start_with?(licence.split("-").first) || font.delete("-").start_with?(licence)
      end
    end
    expect(without).to be_empty
    expect(Shelves::FontShelf::FACES.values.map { |_, file| File.basename(file, ".*") }.sort)
      .to eq(fonts.grep_v(/\Aatkinson-(ext-)?\d/).uniq.sort)
  end
end
