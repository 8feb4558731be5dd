# frozen_string_literal: true

require_relative "../shop_helper"
require "net/http"
require "open3"
require "openssl"
require "tmpdir"

RSpec.describe "who comes from the network", :shop do
  let(:phrase) { "gull anvil plum quarter" }
  let(:passphrase) { Shelves::Passphrase.new(Settings.home, cost: 4) }

  before do
    SignedDevice.delete_all
    allow(Settings).to receive(:host).and_return("0.0.0.0")
    allow(Shelves::OwnAddresses).to receive(:all).and_return(["192.0.2.5"])
    stub_const("Routes::Phones::TRIES", Shelves::SlowedTries.new(clock: -> { @seconds.to_f }))
    passphrase.set(phrase)
  end
  after { FileUtils.rm_f(File.join(Settings.home, Shelves::Passphrase::FILE)) }

  # what follows comes from another device
  def from_a_phone(host: "192.0.2.5", address: "192.0.2.77")
    @token = nil
    clear_cookies
    header "Host", host
    header "Accept", "text/html"
    env "REMOTE_ADDR", address
  end

  def at_the_computer
    clear_cookies
    header "Host", "localhost"
    env "REMOTE_ADDR", "127.0.0.1"
  end

  def send_from(page, path, fields = {})
    get page
    token = last_response.body[/name="authenticity_token" value="([^"]+)"/, 1]
    post path, fields.merge("authenticity_token" => token)
    last_response
  end

  def sign_in(words = phrase) = send_from("/sign-in", "/sign-in", "passphrase" => words, "name" => "Bench phone")

  def join_as(role)
    at_the_computer
    code = send_from("/phones", "/phones/code", "role" => role).body[%r{/join/([\w-]+)}, 1]
    from_a_phone
    send_from("/join/#{code}", "/join/#{code}", "name" => "Ilse's phone")
    code
  end

  it "sees nothing of the shop until it has signed in, by whatever name it calls itself here" do
    mark = ready_mark
    from_a_phone
    paths = ["/", "/jobs", "/marks/#{mark.id}/place", "/changes", "/backups/x.zip", "/phones"]
    expect(paths.map { |path| get(path) && last_response.headers["location"] }).to all(eq("/sign-in"))
    post "/marks/#{mark.id}/delete"
    expect(last_response.status).to eq 401
    from_a_phone(host: "localhost")
    expect(get("/").status).to eq 400
    from_a_phone(host: "elsewhere.example")
    expect([get("/").status, last_response.body]).to match [403, /does not answer to this name/]
    # what a proxy on this very computer hands on comes from elsewhere
    from_a_phone(host: "localhost", address: "127.0.0.1")
    header "X-Forwarded-For", "192.0.2.9"
    expect(get("/").headers["location"]).to eq "/sign-in"
  end

  it "signs in by the passphrase, is listed, and is out at once when it is shut out" do
    from_a_phone
    expect(sign_in("gull anvil plum quartet")).to have_attributes(status: 403, body: /That is not the passphrase/)
    expect(sign_in.headers["location"]).to end_with "/"
    expect([get("/").status, SignedDevice.last.role]).to eq [200, "maker"]
    expect(send_from("/phones", "/phones/passphrase", "passphrase" => "another one of mine").status).to eq 403
    cookie = rack_mock_session.cookie_jar["up_close"]
    at_the_computer
    expect(send_from("/phones", "/phones/#{SignedDevice.last.id}/out").status).to eq 303
    from_a_phone
    set_cookie "up_close=#{cookie}"
    expect(get("/").headers["location"]).to eq "/sign-in"
  end

  it "waits longer with every wrong try, and the right one waits with them" do
    from_a_phone
    @seconds = 0
    5.times { expect(sign_in("wrong wrong wrong").status).to eq 403 }
    expect(sign_in).to have_attributes(status: 429, headers: include("retry-after" => "1"))
    @seconds = 1.1
    expect(sign_in("wrong wrong wrong").status).to eq 403
    expect(sign_in.headers["retry-after"]).to eq "2"
    from_a_phone(address: "192.0.2.78")
    expect(sign_in.headers["location"]).to end_with "/"
    # many addresses do not add up to many tries
    tries = Shelves::SlowedTries.new(clock: -> { 0.0 })
    answers = (1..30).map { |i| tries.try("192.0.2.#{i}") { false } }
    expect(answers.count(false)).to eq Shelves::SlowedTries::FREE_OF_ALL
  end

  it "joins by a code, once and in time; a helper presses Done and nothing else" do
    run = Actions::RunMarks.start(ready_mark, Time.now)
    code = join_as("helper")
    expect([get("/").status, last_response.body]).to match [200, /You are here as a helper/]
    job = Job.last
    get "/jobs/#{job.id}"
    forms = last_response.body.scan(/<form\b[^>]*method="post"[^>]*>/)
    expect(forms).not_to be_empty
    expect(forms).to all(include("inert"))
    expect(get("/settings").status).to eq 403
    step = run.clockwork.state(Time.now).step.key
    done = send_from("/runs/#{run.id}", "/runs/#{run.id}/done", "step" => step)
    expect([done.status, StepEnd.count]).to eq [303, 1]
    %W[/jobs/#{job.id} /runs/#{run.id}/step-back /marks/#{run.mark_id}/place /preferences].each do |path|
      expect(send_from("/runs/#{run.id}", path)).to have_attributes(status: 403, body: /Ask the maker/)
    end
    from_a_phone
    expect(get("/join/#{code}")).to have_attributes(status: 410, body: /mistyped, used, or older/)
  end

  it "finds no code that is ten minutes old" do
    seconds = 0
    codes = Shelves::JoinCodes.new(clock: -> { seconds })
    code = codes.make("maker")
    seconds = 599
    expect(codes.role(code)).to eq "maker"
    seconds = 601
    expect([codes.role(code), codes.use(code)]).to eq [nil, nil]
  end

  it "has to sign in again when the passphrase changes, which is kept as a digest in no backup" do
    from_a_phone
    sign_in
    at_the_computer
    expect(send_from("/phones", "/phones/passphrase", "passphrase" => "short").body).to include "at least 12 letters"
    expect(send_from("/phones", "/phones/passphrase", "passphrase" => "kite velvet morning oak").status).to eq 303
    expect(SignedDevice.let_in).to be_empty
    digest = File.join(Settings.home, Shelves::Passphrase::FILE)
    expect([File.read(digest), File.stat(digest).mode & 0o777]).to match [/\A\$2a\$12\$/, 0o600]
    expect(Shelves::ShopBackup::LEFT_OUT).to include Shelves::Passphrase::FILE
    expect([phrase, "kite velvet morning oak"].map { |words| passphrase.right?(words) }).to eq [false, true]
  end
end

RSpec.describe "where the shop is served" do
  around { |example| Dir.mktmpdir { |home| @home = home and example.run } }

  def served(**env)
    free = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
    env = {"UP_CLOSE_HOME" => @home, "UP_CLOSE_PORT" => free.to_s, "APP_ENV" => "test", **env.transform_keys(&:to_s)}
    [env, ["ruby", File.expand_path("../../config/serve.rb", __dir__)], free]
  end

  def refusal(**env)
    env, command, = served(**env)
    _, words, status = Open3.capture3(env, *command, stdin_data: "")
    expect(status.success?).to be false
    words
  end

  def certificate(days: 30)
    key = OpenSSL::PKey::EC.generate("prime256v1")
    name = OpenSSL::X509::Name.parse("/CN=localhost")
    made = OpenSSL::X509::Certificate.new
    made.version, made.serial, made.subject, made.issuer = 2, 1, name, name
    made.public_key, made.not_before, made.not_after = key, Time.now - 86_400, Time.now + days * 86_400
    made.sign(key, "SHA256")
    {UP_CLOSE_CERT: made.to_pem, UP_CLOSE_KEY: key.to_pem}.to_h do |variable, pem|
      path = File.join(@home, "#{variable}-#{days}.pem")
      File.write(path, pem)
      [variable, path]
    end
  end

  it "is not the network before there is a passphrase, nor under a certificate that does not hold" do
    expect(refusal(UP_CLOSE_HOST: "0.0.0.0")).to match(/has no passphrase yet. Set one with bin\/passphrase/)
    expect(refusal(**certificate(days: -1))).to match(/ended on/)
    other = certificate(days: 20)[:UP_CLOSE_KEY]
    expect(refusal(**certificate, UP_CLOSE_KEY: other)).to match(/does not belong to the certificate/)
    expect(refusal(**certificate, UP_CLOSE_KEY: "/nowhere")).to match(/cannot be read/)
  end

  # what a page that listens is told first
  def first_words(port, path)
    socket = OpenSSL::SSL::SSLSocket.new(TCPSocket.new("localhost", port)).tap(&:connect)
    socket.write("GET #{path} HTTP/1.1\r\nHost: localhost\r\n\r\n")
    words = +""
    words << socket.readpartial(4096) until words.include?("data: ") || !socket.to_io.wait_readable(5)
    words
  ensure
    socket&.close
  end

  it "is encrypted where a certificate is given, its cookie for that alone, listeners too" do
    env, command, port = served(**certificate)
    server = Process.spawn(env, *command, out: File::NULL, err: File::NULL)
    http = Net::HTTP.new("localhost", port)
    http.use_ssl, http.verify_mode = true, OpenSSL::SSL::VERIFY_NONE
    page = 100.times.find do
      sleep 0.2
      break http.get("/sign-in", "Accept" => "text/html")
    rescue SystemCallError
      nil
    end
    expect(page["location"]).to eq "https://localhost:#{port}/"
    expect(http.get("/jobs/new")["set-cookie"]).to match(/secure.*httponly.*samesite=strict/i)
    expect(first_words(port, "/changes")).to match(/\AHTTP\/1.1 200 OK.*^data: /m)
  ensure
    Process.kill(:TERM, server)
    Process.wait(server)
  end
end
