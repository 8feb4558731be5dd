# frozen_string_literal: true

module Workers
  # One piece of work, in the process that was forked for it.
  class Child
    # An error as it goes over the pipe: what caused it stays behind, since it may hold what cannot be sent. Frozen.
    Refusal = UpClose::Value.define(:kind, :message, :facts) do
      # @param error [UpClose::Error]
      def self.of(error)
        new(
          error.class,
          error.message,
          error.instance_variables.to_h { |name| [name, error.instance_variable_get(name)] }
        )
      end

      # @return [UpClose::Error]
      def error
        kind.allocate.exception(message).tap do |made|
          facts.each { |name, value| made.instance_variable_set(name, value) }
        end
      end
    end

    def initialize(answers)
      @answers = answers
    end

    # The process ends with it: with 0 once an answer is on the pipe, else with 1.
    # @param verb [Symbol] of the receiver  @param arguments [Array]  @param named [Hash]  @param limits [Limits]
    def call(receiver, verb, arguments, named, limits)
      # the last resort, should the shop be gone
      Process.setrlimit(:CPU, (limits.cpu_s * 2).ceil)
      Frames.write(@answers, [:began, Process.pid])
      Workers.here = self
      Frames.write(@answers, answer { receiver.public_send(verb, *arguments, **named) })
      exit!(0)
    rescue Errno::EPIPE
      # nobody waits for it any more
      exit!(1)
    rescue Exception => error # rubocop:disable Lint/RescueException
      warn error.full_message(highlight: false)
      exit!(1)
    end

    # tells the shop that reading is done and the longer part begins
    def drawing(what = "drawing") = Frames.write(@answers, [:drawing, what])

    # @see Workers.went_on
    def went_on(share)
      unless @asked_to_end == false || @asked_to_end
        @asked_to_end = false
        Signal.trap(:USR1) { @asked_to_end = true }
      end
      Frames.write(@answers, [:share, share])
      !@asked_to_end
    end

    private

    def answer
      [:answer, yield]
    rescue UpClose::Error => error
      [:refused, Refusal.of(error)]
    rescue NoMemoryError, SystemStackError, StandardError => error
      warn error.full_message(highlight: false) if ENV["UP_CLOSE_TELL_ALL"]
      [:refused, Refusal.of(unreadable)]
    end

    def unreadable
      UpClose::Errors::BadArtwork.new(
        "This file cannot be read.",
        remedy: "Open it where it was made and save it again."
      )
    end
  end
end
