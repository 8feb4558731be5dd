# frozen_string_literal: true

require_relative "../shop_helper"

# Files as makers bring them, through the upload page.
RSpec.describe "a file that a maker brings", :shop do
  let(:mark) { mark_with_artwork }

  # a form byte by byte, as a browser sends it
  def send_raw(path, parts)
    lines = parts.map { |head, body| "--XX\r\nContent-Disposition: form-data; #{head}\r\n\r\n#{body}\r\n".b }
    body = lines.join + "--XX--\r\n"
    post path, body, "CONTENT_TYPE" => "multipart/form-data; boundary=XX", "CONTENT_LENGTH" => body.bytesize.to_s
  end

  def bring(bytes, name, **more)
    send_form "/marks/#{mark.id}/artwork", "kind" => "file", "file" => upload(bytes, name), **more.transform_keys(&:to_s)
    Artwork.last
  end

  names = {
    "Müller.svg" => "Müller", "fox🦊.svg" => "fox🦊", "שלום.svg" => "שלום", "a\\b\\c.svg" => "c", "../../etc/pass.svg" => "pass", "nul\0x.svg" => "nulx", "bad\xFF.svg" => "bad\uFFFD", ".svg" => ".svg"
  }

  it "is named by what it is called, in any letters, and comes back with its name" do
    mark
    names.each do |file, name|
      send_raw "/marks/#{mark.id}/artwork", {'name="authenticity_token"' => @token, 'name="kind"' => "file", 'name="source"' => "M\xFCller", %(name="file"; filename="#{file}") => svg('<rect width="40" height="20"/>')}
      expect([last_response.status, Artwork.last.name, Artwork.last.source]).to eq [303, name, "M\uFFFDller"]
      get "/artworks/#{Artwork.last.id}/original"
      sent = last_response.headers["content-disposition"][/filename\*=UTF-8''(.*)\z/, 1]
      expect(CGI.unescape(sent)).to eq((name == ".svg") ? ".svg" : "#{name}.svg")
      expect(last_response.body).to eq svg('<rect width="40" height="20"/>')
    end
  end

  it "is asked for by addresses and titles of any bytes without a mistake of ours" do
    mark
    addresses = ["/jobs/%ff", "/marks/%ff/place", "/jobs/%00", "/%ff", "/methods/%ff%fe", "/runs/1/photos/%ff", "/marks/1/look.png?film=%ff", "/marks/99999999999999999999/place"]
    expect(addresses.map { |path| get(path).status }).to all eq 404
    send_form "/jobs", "title" => "M\xFCller\0"
    expect([last_response.status, Job.last.title]).to eq [303, "M\uFFFDller"]
  end
end
