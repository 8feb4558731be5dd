# frozen_string_literal: true

require "shelves/original_store"

RSpec.describe Shelves::OriginalStore do
  around { |example| Dir.mktmpdir { |dir| (@store = described_class.new(dir)) && (@dir = dir) && example.run } }

  it "keeps the same bytes once, by what they are, and gives them back unchanged" do
    bytes = Random.new(7).bytes(5000)
    names = Array.new(2) { @store.put(bytes) }
    expect(names.uniq).to eq [Digest::SHA256.hexdigest(bytes)]
    expect(@store.get(names.first)).to eq bytes
    expect(Dir["#{@dir}/**/*"].count { |f| File.file?(f) }).to eq 1
  end

  it "leaves no half file behind a name when writing incomplete" do
    allow(File).to receive(:rename).and_raise(Errno::ENOSPC)
    expect { @store.put("x") }.to raise_error(Errno::ENOSPC)
    expect { @store.get(Digest::SHA256.hexdigest("x")) }.to raise_error(UpClose::Errors::MissingOriginal)
  end

  it "takes no path for a name" do
    expect { @store.get("../../etc/passwd") }.to raise_error(ArgumentError)
  end
end
