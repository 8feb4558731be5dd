# frozen_string_literal: true

require_relative "../shop_helper"
require "net/http"
require "socket"

RSpec.describe "what a maker made", :shop do
  it "is counted whenever it changes, in every table that is counted" do
    triggers = ActiveRecord::Base.connection.select_values("SELECT name FROM sqlite_master WHERE type = 'trigger'")
    kinds = triggers.filter_map { |name| name[/\A(.+)_(?:insert|update|delete)_counted\z/, 1] }.tally
    counted = ChangeCount.pluck(:name)
    expect(counted.reject { |name| kinds[name] == 3 }).to be_empty
    expect { SupplyPrice.create!(supply: "acetone", pack_cents: 500, pack_amount: 100) }
      .to change { ShopPrices.list.supply("acetone")&.cents }.from(nil).to(500)
  end

  it "is not doubled by two hands at once" do
    mark = ready_mark
    together = ->(&work) {
      Array.new(4) { Thread.new { ActiveRecord::Base.connection_pool.with_connection { work.call } } }.map(&:value)
    }
    runs = together.call { Actions::RunMarks.start(Mark.find(mark.id), Time.now).id }
    expect(runs.uniq.size).to eq 1
    moved = together.call { Actions::RunMarks.finish_step(Run.find(runs.first), "ground", Time.now) }
    expect([moved.count(true), StepEnd.count]).to eq [1, 1]
    together.call { Actions::PlaceMark.move(Mark.find(mark.id), mark.placement.with(x_mm: rand(100) / 10.0), Time.now) }
    together.call { Actions::RecordAttempt.spoilt(Mark.find(mark.id), nil) }
    expect(mark.attempts.reload.map(&:copy)).to eq [1, 2, 3, 4]
  end

  it "is shown as it is now by a thread that has shown it before" do
    asked, told = Queue.new, Queue.new
    server = Thread.new do
      while asked.pop do told << Rack::MockRequest.new(Web)
        .get("/", "HTTP_HOST" => "localhost", "REMOTE_ADDR" => "127.0.0.1")
        .body[/data-light="(\w+)"/, 1]
      end
    end
    lights = %w[shed day shed].map do |light|
      Preference.put("light", light)
      asked << true
      told.pop
    end
    asked << nil
    server.join
    expect(lights).to eq %w[shed day shed]
  end

  it "is kept whole or not at all" do
    mark = ready_mark
    before = mark.attributes.deep_dup
    allow_any_instance_of(Mark).to receive(:save!).and_raise(ActiveRecord::StatementInvalid, "disk full")
    expect { Actions::PlaceMark.move(mark, mark.placement.with(width_mm: 10), Time.now) }
      .to raise_error(ActiveRecord::StatementInvalid)
    expect(Mark.find(mark.id).attributes).to eq before
  end

  it "outlives a server killed in the middle, timers and all" do
    Dir.mktmpdir do |home|
      port = TCPServer.open("127.0.0.1", 0) { |s| s.addr[1] }
      first = serve(home, port)
      page = ask(port, "/marks/3/apply")
      run = ask(port, page.body[%r{href="(/runs/\d+)"}, 1])
      Process.kill(:KILL, first)
      Process.wait(first)
      second = serve(home, port)
      again = ask(port, page.body[%r{href="(/runs/\d+)"}, 1])
      closes = [run, again].map { |answer| answer.body[/data-closes="(\d+)"/, 1] }
      expect(closes.uniq.size).to eq 1
      expect(again.body).to include("Lay it, once")
      expect(ask(port, "/jobs").body.scan("Pellow Ness centenary fair").size).to eq 1 # not loaded again
    ensure
      Process.kill(:KILL, second) if second
    end
  end

  # starts the shop as bin/demo does, and waits until it answers
  def serve(home, port)
    environment = {"UP_CLOSE_HOME" => home, "UP_CLOSE_PORT" => port.to_s, "APP_ENV" => nil}
    pid = spawn(environment, "ruby", File.join(Settings::ROOT, "config/serve.rb"), "--demo", out: File::NULL)
    1800.times do
      break if ask(port, "/")
      sleep 0.1
    end
    pid
  end

  def ask(port, path)
    Net::HTTP.get_response(URI("http://127.0.0.1:#{port}#{path}"))
  rescue Errno::ECONNREFUSED
    nil
  end
end
