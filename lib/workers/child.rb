# frozen_string_literal: true

module Workers
  # One piece of work, in the process that was forked for it.
  class Child
    def initialize(answers)
      @answers = answers
    end

    # @param verb [Symbol] of the receiver  @param arguments [Array]  @param named [Hash]  @param limits [Limits]
    def call(receiver, verb, arguments, named, limits)
      limit(limits)
      Frames.write(@answers, [:began, Process.pid])
      Workers.here = self
      Frames.write(@answers, [:answer, receiver.public_send(verb, *arguments, **named)])
    rescue UpClose::Error => error
      Frames.write(@answers, [:refused, error])
    rescue NoMemoryError, SystemStackError
      Frames.write(@answers, [:refused, unreadable])
    rescue => error
      warn error.full_message(highlight: false)
      Frames.write(@answers, [:refused, unreadable])
    ensure
      exit!(0)
    end

    # tells the shop that reading is done and the longer part begins
    def drawing(what = "drawing") = Frames.write(@answers, [:drawing, what])

    private

    def limit(limits)
      Process.setrlimit(:CPU, (limits.wall_s * 2).ceil)
    end

    def unreadable
      UpClose::Errors::BadArtwork.new("This file cannot be read.", remedy: "Open it where it was made and save it again.", field: :file)
    end
  end
end
