# frozen_string_literal: true

RSpec.describe "every line of the house" do
  root = File.expand_path("..", __dir__)
  # what ships with git, generated files and moved tables aside
  ours = ->(pattern) { Dir[File.join(root, "{app,bench,bin,config,db,devices,docs,lib,spec}", pattern)] }
  longer = ->(files, most) do
    files.flat_map do |path|
      File.foreach(path).with_index(1).filter_map { |line, n| "#{path}:#{n}" if line.chomp.length > most }
    end
  end

  it "is at most 120 characters of Ruby, or 140 of a page" do
    expect(longer.call(ours.call("**/*.rb").reject { |path| path.include?("db/migrate") }, 120)).to be_empty
    expect(longer.call(ours.call("**/*.erb"), 140)).to be_empty
  end
end
