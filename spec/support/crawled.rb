# frozen_string_literal: true

require "nokogiri"

# Every page that links lead to, as a maker comes to it.
class Crawled
  # One form of a page. Frozen.
  Form = Struct.new(:page, :route, :path, :verb, :fields, keyword_init: true)
  # what an answer may be where a link leads
  WELL = [200, 303].freeze

  attr_reader :wrong

  # @param shop [Object] that takes +get+ and has +last_response+
  # @param each [Integer] pages of one route that are opened at most
  def initialize(shop, each:)
    @shop, @each = shop, each
    @opened, @wrong, @pages = Hash.new { |all, route| all[route] = [] }, [], {}
  end

  # @return [Hash{String => Nokogiri::HTML5::Document}] by its address
  def pages(from: ["/"])
    waiting = from.dup
    while (path = waiting.shift)
      page = look_at(path) or next
      @pages[path] = page
      waiting.concat(links(path, page))
    end
    @pages
  end

  # @return [Array<Form>] each as its page would send it with its button, one of each route and its fields
  def forms
    @pages.flat_map { |path, page| page.css("form").flat_map { |form| sent(path, form) } }
      .uniq { |form| [form.verb, form.route, form.fields.except("authenticity_token", "once").keys] }
  end

  # addresses of one route are alike
  def route(verb, path)
    pattern, = Web.routes.fetch(verb, []).find { |known, *| known.match(path[/\A[^?#]*/]) }
    pattern&.to_s
  end

  private

  def look_at(path)
    route = route("GET", path)
    kept = @opened[route || path]
    # a query makes another page of the same route
    return if kept.include?(path) || kept.size >= @each
    kept << path
    answer(path)
  end

  def answer(path)
    @shop.get(path)
    told = @shop.last_response
    @wrong << "#{path}: #{told.status}" unless WELL.include?(told.status)
    return follow(told) if told.status == 303
    return unless told["content-type"].to_s.start_with?("text/html")
    Nokogiri::HTML5(told.body).tap do |page|
      page.css("h1, h2, h3, legend, summary").each do |heading|
        drawn = heading.text.strip.empty? && heading.css("img, svg, [aria-label], .bars").empty?
        @wrong << "#{path}: empty #{heading.name}" if drawn && heading["aria-label"].nil?
      end
    end
  end

  def follow(told)
    to = URI(told["location"]).then { |uri| [uri.path, uri.query].compact.join("?") }
    look_at(to)&.tap { |page| @pages[to] = page }
    nil
  end

  def links(path, page)
    page.css("a[href], area[href]").filter_map do |link|
      href = link["href"].split("#").first.to_s
      next if href.empty? || href.match?(/\A(mailto|data):/)
      @wrong << "#{path}: leads out to #{href}" if href.match?(%r{\A\w+://})
      @wrong << "#{path}: #{href} is escaped twice" if href.include?("&amp;")
      URI.join("http://x#{path}", href).then { |uri| [uri.path, uri.query].compact.join("?") }
    end
  end

  def sent(path, form)
    to = (form["action"] || path).split("?").first
    verb = (form["method"] || "get").upcase
    buttons = form.css("button[name]")
    buttons = [nil] if buttons.empty?
    buttons.map do |button|
      fields = values(form).merge(button ? {button["name"] => button["value"].to_s} : {})
      Form.new(page: path, route: route(verb, to), path: to, verb: verb, fields: fields)
    end
  end

  TYPED = {"text" => "Words", "number" => "1", "search" => "rose", "date" => "2030-01-02", "time" => "10:00"}.freeze

  def values(form)
    form.css("input[name], select[name], textarea[name]").each_with_object({}) do |field, told|
      next if field["type"] == "file" || field.key?("disabled")
      next if %w[checkbox radio].include?(field["type"]) && !field.key?("checked")
      told[field["name"]] = value(field)
    end
  end

  def value(field)
    if field.name == "select"
      return (field.at_css("option[selected]") || field.at_css("option"))&.then { |one| one["value"] || one.text }.to_s
    end
    kept = (field.name == "textarea") ? field.text : field["value"].to_s
    (kept.empty? && field.key?("required")) ? TYPED.fetch(field["type"] || "text", "Words") : kept
  end
end
