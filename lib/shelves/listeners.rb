# frozen_string_literal: true

require "io/wait"
require "json"

module Shelves
  # Pages that listen for what changes: sockets taken over from the server, all written to by one thread, so that a
  # listening page holds no server thread and no database connection.
  class Listeners
    HEAD = "HTTP/1.1 200 OK\r\ncontent-type: text/event-stream\r\ncache-control: no-store\r\n" \
      "x-content-type-options: nosniff\r\nconnection: close\r\n\r\n"
    # so long after its last word a silent socket is given up
    STALE_S = 20
    # bytes that a socket takes whole once it takes any: an encrypted one of Puma's would wait for the rest
    AT_ONCE = 2048

    # One page: its socket, what is still to be written to it, when it last took a word, and what it was last told
    Page = Struct.new(:io, :waiting, :said_at, :told)

    # @param every_s [Numeric] how often it is looked  @param most [Integer] pages at once
    # @yieldreturn [Object] what stands now, as JSON
    def initialize(every_s:, most: 1000, &stands)
      @every_s, @most, @stands = every_s, most, stands
      @pages, @lock, @last_look = [], Mutex.new, nil
    end

    def size = @lock.synchronize { @pages.size }

    # Heard at the next look that begins after this: it alone writes, and a page just loaded may know more than was
    # looked up before.
    # @param io [IO] a socket on which nothing is answered yet
    def add(io)
      page = Page.new(io, HEAD.dup, now, nil)
      @lock.synchronize do
        return io.close if @pages.size >= @most
        @pages << page
        @thread ||= Thread.new { keep_telling }
      end
    end

    def close = @lock.synchronize { @pages.each { |page| page.io.close }.clear }

    private

    def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

    def look = JSON.generate(@stands.call)

    def word(stands) = "data: #{stands}\n\n"

    def keep_telling
      loop do
        sleep @every_s
        pages = @lock.synchronize { @pages.dup }
        tell(pages, safely_looked)
        break if over?
      end
    rescue => error
      warn error.full_message(highlight: false)
      @lock.synchronize { @thread = nil }
    end

    # the last page has left: whoever comes next finds no thread, and starts one
    def over? = @lock.synchronize { @pages.empty?.tap { |none| @thread = nil if none } }

    # a database that is busy for a moment stops nobody from listening
    # @return [String, nil] nil where nothing has been looked up yet
    def safely_looked
      @last_look = look
    rescue => error
      warn error.message
      @last_look
    end

    # @param pages [Array<Page>] those that were there before the look
    def tell(pages, stands)
      pages.each do |page|
        page.waiting << ((stands.nil? || stands == page.told) ? ": still here\n\n" : word(stands))
        page.told = stands
      end
      gone = pages.reject { |page| write(page) }
      @lock.synchronize { @pages -= gone }
      gone.each { |page| page.io.close unless page.io.closed? }
    end

    # as much as the socket takes without waiting
    # @return [Boolean] whether the page is still there
    def write(page)
      until page.waiting.empty?
        written = :wait_writable
        if page.io.to_io.wait_writable(0)
          written = page.io.write_nonblock(page.waiting.byteslice(0, AT_ONCE), exception: false)
        end
        return now - page.said_at < STALE_S if written == :wait_writable
        page.waiting = page.waiting.byteslice(written..)
        page.said_at = now
      end
      true
    rescue IOError, SystemCallError
      false
    end
  end
end
