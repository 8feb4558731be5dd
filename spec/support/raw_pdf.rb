# frozen_string_literal: true

# A PDF written byte by byte (ISO 32000-1, 7.5), so that what is read does not
# come from the library that our own pages are written with.
module RawPDF
  # @param content [String] page operators  @param page [String] further entries of the page
  # @param catalog [String] further entries of the catalog
  # @param resources [String]
  # @param more [Array<Array(String, String)>] dictionary and stream of objects 5, 6 …
  def raw_pdf(content, page: "/MediaBox [0 0 200 100]", resources: "", more: [], catalog: "")
    objects = [
      "<< /Type /Catalog /Pages 2 0 R #{catalog} >>",
      "<< /Type /Pages /Kids [3 0 R] /Count 1 >>",
      "<< /Type /Page /Parent 2 0 R #{page} /Contents 4 0 R /Resources << #{resources} >> >>",
      stream("", content)
    ]
    objects += more.map { |dictionary, body| stream(dictionary, body) }
    bytes = +"%PDF-1.4\n"
    places = objects.each_with_index.map do |body, i|
      bytes.bytesize.tap { bytes << "#{i + 1} 0 obj\n#{body}\nendobj\n" }
    end
    start = bytes.bytesize
    bytes << "xref\n0 #{objects.size + 1}\n0000000000 65535 f \n" << places.map { |at|
      format("%010d 00000 n \n", at)
    }.join
    bytes << "trailer\n<< /Size #{objects.size + 1} /Root 1 0 R >>\nstartxref\n#{start}\n%%EOF\n"
  end

  def stream(dictionary, body) = "<< #{dictionary} /Length #{body.bytesize} >>\nstream\n#{body}\nendstream"
end
RSpec.configure { |config| config.include RawPDF }
