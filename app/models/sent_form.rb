# frozen_string_literal: true

# A form that was sent and made something, by the digest of what was sent. It is written down in the same transaction
# as what it made: after a press that was broken off, either both are there or neither.
class SentForm < ApplicationRecord
  self.primary_key = "key"
  KEPT_S = 2 * 86_400
  THREAD_KEY = :up_close_sent_form

  # What this thread changes in the block is made by that form.
  # @param key [String]
  def self.carrying(key)
    outer = Thread.current[THREAD_KEY]
    Thread.current[THREAD_KEY] = key
    yield
  ensure
    Thread.current[THREAD_KEY] = outer
  end

  # in the transaction of a change
  def self.write_down
    key = Thread.current[THREAD_KEY] or return
    insert_all([{key: key, made_at: Time.now.utc}])
  end

  # refused, or answered with no more than a page: it can be sent again
  def self.forget(key) = where(key: key).exists? && change { where(key: key).delete_all }

  def self.forget_old(now)
    old = where(made_at: ...(now - KEPT_S))
    change { old.delete_all } if old.exists?
  end
end
