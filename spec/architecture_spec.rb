# frozen_string_literal: true

RSpec.describe "the arrows of the house" do
  root = File.expand_path("..", __dir__)
  files = ->(pattern) { Dir[File.join(root, pattern)].sort }
  bare_js = ->(path) { File.read(path).gsub(%r{^\s*//.*$}, "") }
  bare = ->(path) { File.read(path).gsub(/^\s*#.*$/, "") }

  it "keeps web, database, files, clock and chance out of the core" do
    broken = files.call("lib/up_close/**/*.rb").flat_map do |path|
      bare.call(path).scan(
        /\b(?:Sinatra|ActiveRecord|Rack|(?<!TTFunk::)File\.|Dir\.|IO\.|Time\.now|Date\.today)\b|
         \b(?:rand\b|Random|SecureRandom|ENV|Settings)\b/x
      ).map do |word|
        [path, word]
      end
    end
    expect(broken).to be_empty
  end

  it "keeps routes out of presenters and models out of forms" do
    expect(files.call("app/{presenters,models,actions}/**/*.rb").select { |path|
      bare.call(path).match?(/\bparams\[|\bredirect\b|\bhalt\b|Sinatra/)
    })
      .to be_empty
    expect(files.call("app/forms/**/*.rb").select { |path|
      bare.call(path).match?(/\.(?:save|create|update|transaction)!?\b/)
    })
      .to be_empty
  end

  it "keeps queries, actions and whole catalogues out of views, and rules out of scripts" do
    asks = /\.where\b|\.find_by\b|\.includes\(|Actions::|Preference\.|UpClose::[\w:]+\.all\b/
    expect(files.call("app/views/**/*.erb").select { |path| File.read(path).match?(asks) }).to be_empty
    # a script draws and asks: no figure of a method, a material or a sheet
    rules = /clearance_mm|strain|calibrat|chance|tolerance/i
    expect(files.call("app/assets/js/**/*.js").select { |path| bare_js.call(path).match?(rules) }).to be_empty
  end

  it "keeps the core's folders from leaning on each other both ways" do
    folders = Dir[File.join(root, "lib/up_close/*/")].map { |folder| File.basename(folder) }
    named = ->(folder) { folder.split("_").map(&:capitalize).join }
    leans = folders.product(folders).select do |from, to|
      from != to && files.call("lib/up_close/#{from}/**/*.rb").any? do |path|
        bare.call(path).match?(/(?<![\w:])#{named.call(to)}(?:::|\.[a-z])/)
      end
    end
    expect(leans.select { |from, to| leans.include?([to, from]) }).to be_empty
  end

  it "keeps models from asking what stands above them" do
    above = /\b(?:Actions|Presenters|Forms|Routes|Helpers)::/
    expect(files.call("app/models/**/*.rb").select { |path| bare.call(path).match?(above) }).to be_empty
  end

  # rows that are no marks and no pieces; +record+ is one that a bundle brings, before it is anywhere else
  others = %w[run sheet printer layout board artwork coupon attempt school device entry job j record attempts let_in
    current key) name) undoes_id)]

  it "keeps the saving of marks and pieces behind one door" do
    saves = /([\w)]+)&?\.(?:update!?|save!?|update_(?:columns?|all|attribute)|increment!|touch)(?=[\s(]|$)/
    found = files.call("{app,db/demo}/**/*.rb").reject { |path| path.include?("app/models/mark.rb") }
      .flat_map { |path| bare.call(path).scan(saves).flatten.map { |receiver| [path, receiver] } }
    expect(found.size).to be > 30
    expect(found.reject { |_, receiver| others.include?(receiver) }).to be_empty
  end

  it "loads the core by itself" do
    out = IO.popen(
      [
        {"BUNDLE_GEMFILE" => File.join(root, "Gemfile")},
        "ruby",
        "-I",
        File.join(root, "lib"),
        "-e",
        'require "bundle"; require "up_close"; UpClose::LOADER.eager_load; print defined?(ActiveRecord).inspect, ' \
        "defined?(Sinatra).inspect"
      ],
      &:read
    )
    expect(out).to eq "nilnil"
  end
end
