# frozen_string_literal: true

require_relative "../shop_helper"
require_relative "../support/crawled"

# pages that stand for themselves
STARTING_PAGES = %w[/ /jobs /print /limits /stepping /fonts /devices /record /settings].freeze

# Wherever a page leads, something is there.
RSpec.describe "links and forms that ask", :shop do
  # @return [Array<String>] links, forms and headings that lead nowhere or say nothing
  def dead_ends(each)
    crawled = Crawled.new(self, each: each)
    crawled.pages(from: STARTING_PAGES)
    asked = crawled.forms.select { |form| form.verb == "GET" }.filter_map do |form|
      get form.path, form.fields
      "#{form.page}: #{form.path} #{last_response.status}" unless Crawled::WELL.include?(last_response.status)
    end
    sent = crawled.forms.select { |form| form.route.nil? }.map { |form| "#{form.page}: no route takes #{form.path}" }
    [*crawled.wrong, *asked, *sent]
  end

  it "lead somewhere in an empty shop" do
    found = dead_ends(100)
    expect(found).to be_empty, found.join("\n")
  end

  it "lead to what a phone needs to keep the shop on its first page, by our own policy too" do
    get "/"
    manifest = Nokogiri::HTML5(last_response.body).at_css("link[rel=manifest]")["href"]
    expect(last_response["content-security-policy"]).to include "manifest-src 'self'"
    get manifest
    expect([last_response.status, last_response["content-type"]]).to match [200, %r{\Aapplication/manifest\+json}]
    icons = JSON.parse(last_response.body)["icons"].map { |icon| get(icon["src"]).status }
    expect(icons).to eq [200]
  end

  {2 => false, 40 => true}.each do |each, slow|
    it "lead somewhere in the demo, #{each} pages of a kind", slow: slow do
      Storytelling.tell
      found = dead_ends(each)
      expect(found).to be_empty, found.join("\n")
    end
  end
end
