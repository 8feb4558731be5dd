# frozen_string_literal: true

module Shelves
  # The same work for each of a few things, each but the first in a process of its own. Only where there are no other
  # threads: in a worker, or on the command line. What is answered must go through Marshal.
  module InParallel
    module_function

    # @param list [Array]  @yield each  @return [Array] the answers, in order
    # @raise what the block raised
    def map(list, &block)
      others = list.drop(1).map { |item| begin_one(item, &block) }
      first = list.first(1).map(&block)
      first + others.map { |reader, pid| answer(reader, pid) }
    end

    def begin_one(item)
      reader, writer = IO.pipe(binmode: true)
      pid = fork do
        reader.close
        writer.write(Marshal.dump(attempt { yield item }))
        writer.close
        exit!(0)
      end
      writer.close
      [reader, pid]
    end

    def attempt
      [:answer, yield]
    rescue UpClose::Error => error
      [:refused, error.class, error.message]
    end

    def answer(reader, pid)
      kind, value, words = Marshal.load(reader.read) # rubocop:disable Security/MarshalLoad
      raise value.new(words) if kind == :refused
      value
    ensure
      reader.close
      Process.wait(pid)
    end
  end
end
