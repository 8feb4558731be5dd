# frozen_string_literal: true

RSpec.describe "the arrows of the house" do
  root = File.expand_path("..", __dir__)
  files = ->(pattern) { Dir[File.join(root, pattern)].sort }
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
