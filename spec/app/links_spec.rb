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

  {2 => false, 40 => true}.each do |each, slow|
    it "lead somewhere in the demo, #{each} pages of a kind", slow: slow do
      Storytelling.tell
      found = dead_ends(each)
      expect(found).to be_empty, found.join("\n")
    end
  end
end
