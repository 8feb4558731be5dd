# frozen_string_literal: true

module Helpers
  # What went wrong around the shop, not in it: told in words, with what to do.
  module Faults
    # One kind of fault. +signs+ are classes of errors, or words of SQLite's
    Fault = UpClose::Value.define(:status, :title, :says, :way_out, :signs, keyword_init: true) do
      def is?(error) = signs.any? { |sign| sign.is_a?(Class) ? error.is_a?(sign) : sign.match?(error.message) }
    end

    # before what is told of any of them
    NOTHING = "Nothing of this was kept, and nothing kept before was changed."

    ALL = [
      Fault.new(
        status: 507, title: "The disk is full", says: NOTHING,
        way_out: "Make room on the disk of the shop's folder, then send it again. What you typed is below.",
        signs: [Errno::ENOSPC, Errno::EDQUOT, SQLite3::FullException]
      ),
      Fault.new(
        status: 503, title: "The shop is busy",
        says: "Another program has held the shop's database for too long. #{NOTHING}",
        way_out: "Close what else uses the shop's folder, such as a copying program, and send it again.",
        signs: [SQLite3::BusyException, SQLite3::LockedException, ActiveRecord::StatementTimeout,
          ActiveRecord::LockWaitTimeout, ActiveRecord::ConnectionTimeoutError]
      ),
      Fault.new(
        status: 500, title: "The shop's folder cannot be written", says: NOTHING,
        way_out: "Give yourself the right to write there, or plug its disk in again, then send it again.",
        signs: [Errno::EACCES, Errno::EPERM, Errno::EROFS, SQLite3::ReadOnlyException, SQLite3::CantOpenException]
      ),
      Fault.new(
        status: 500, title: "The shop's database is damaged",
        says: "What it holds cannot be trusted any more; nothing more is written to it here.",
        way_out: "Close Up Close. bin/doctor says what is damaged; bin/restore opens the last backup beside it.",
        signs: [SQLite3::CorruptException, SQLite3::NotADatabaseException]
      ),
      Fault.new(
        status: 500, title: "The disk does not answer as it should", says: NOTHING,
        way_out: "Make a backup to another disk now, and look after this one.",
        signs: [SQLite3::IOException, Errno::EIO]
      )
    ].freeze

    # parts of a form that a page's own form brings anew
    OWN = %w[authenticity_token splat captures passphrase].freeze
    MOST_KEPT = 200

    module_function

    # @param error [Exception]
    # @return [Fault, nil] nil where it is none of these
    def of(error)
      while error
        fault = ALL.find { |kind| kind.is?(error) }
        return fault if fault
        error = error.cause
      end
    end

    # what was typed, to be sent again; files have to be chosen anew
    # @param params [Hash]  @return [Array<Array(String, String)>] names of fields and what stood there
    def typed(params)
      params.except(*OWN).flat_map { |name, value| fields(name, value) }.first(MOST_KEPT)
    end

    # @return [Array<Array(String, String)>] of one parameter, whatever it holds
    def fields(name, value)
      case value
      when Hash
        value.key?(:tempfile) ? [] : value.flat_map { |key, inner| fields("#{name}[#{key}]", inner) }
      when Array then value.flat_map { |inner| fields("#{name}[]", inner) }
      else [[name, value.to_s]]
      end
    end
    private_class_method :fields
  end
end
