# frozen_string_literal: true

require "tmpdir"

RSpec.describe "the stylesheet" do
  root = File.expand_path("..", __dir__)
  builder = File.join(root, "node_modules/.bin/tailwindcss")

  it "is what its source builds" do
    skip "its builder needs npm, which is not on this machine" unless File.executable?(builder)
    Dir.mktmpdir do |dir|
      system(
        builder, "-i", "app/assets/css/app.css", "-o", "#{dir}/app.css", "--minify", chdir: root, out: File::NULL,
        err: File::NULL
      )
      expect(File.read("#{dir}/app.css")).to eq File.read(File.join(root, "public/css/app.css"))
    end
  end

  it "asks nothing of any other machine" do
    shipped = Dir[File.join(root, "{public,app/assets/js,app/views}/**/*.{css,js,erb}")].map { |f| File.read(f) }.join
    expect(shipped.scan(%r{https?://[^\s"')]+}).reject { |url|
      url.start_with?("http://www.w3.org/", "https://tailwindcss.com")
    })
      .to be_empty
  end
end
