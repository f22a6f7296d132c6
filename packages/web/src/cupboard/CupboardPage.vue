<script setup lang="ts">
import FileField from '../shell/FileField.vue'
import SearchField from '../shell/SearchField.vue'
import DateField from '../shell/DateField.vue'
import { addDays, noFacets, seasons, setStates, type CupboardItem, type Facets, type PieceKind, type Season } from '@hestiad/core'
import { computed, defineAsyncComponent, onMounted, ref } from 'vue'
import { onKeyStroke } from '@vueuse/core'
import { useI18n } from 'vue-i18n'
import { useRoute } from 'vue-router'
import { api } from '../api/calls.js'
import ChoiceField from '../shell/ChoiceField.vue'
import { today } from '../shell/dates.js'
import { onKeys } from '../shell/keys.js'
import PageHeader from '../shell/PageHeader.vue'
import { readListFile } from '../shell/readListFile.js'
import SetAside from './SetAside.vue'
import FacetSelect from './FacetSelect.vue'
import ItemTable from './ItemTable.vue'
import KeptSearches from './KeptSearches.vue'
import MultiEdit from './MultiEdit.vue'
import PictureWall from './PictureWall.vue'
import PieceEditor from './PieceEditor.vue'
import { useCupboard } from './useCupboard.js'

const NewPiece = defineAsyncComponent(() => import('./NewPiece.vue'))
const ListImport = defineAsyncComponent(() => import('../shell/ListImport.vue'))
const { t } = useI18n()
const route = useRoute()
const { items, uses, failed, message, query, facets, found, rooms, materials, kinds, load, write, remove } = useCupboard()
const view = ref<'list' | 'wall'>('list')
const chosen = ref<ReadonlySet<string>>(new Set())
const openId = ref<string | null>(null)
const editing = ref(false)
const importing = ref(false)
const adding = ref(false)
const ids = computed(() => new Set((items.value ?? []).map((one) => one.piece.id)))
const text = ref('')
const gone = ref<CupboardItem>()
const searchField = ref<{ focus(): void }>()
const open = computed(() => (items.value ?? []).find((item) => item.piece.id === openId.value))
const chosenItems = computed(() => (items.value ?? []).filter((item) => chosen.value.has(item.piece.id)))
const sets = computed(() => setStates(items.value ?? []).filter((set) => set.missing > 0))
const states = ['all', 'owned', 'low', 'never-used', 'unused-since', 'care', 'borrowed', 'incomplete'] as const
const narrowed = computed(() => query.value !== '' || JSON.stringify(facets.value) !== JSON.stringify(noFacets))

onMounted(async () => {
  query.value = typeof route.query['q'] === 'string' ? route.query['q'] : ''
  await load()
})

const narrow = (part: Partial<Facets>) => (facets.value = { ...facets.value, ...part })
const one = <T extends string>(value: T) => (value === '' ? [] : [value])
const same = (values: readonly string[]) => values.map((value) => ({ value, label: value }))

const aYearAgo = () => addDays(today(), -365)

function choose(id: string, on: boolean): void {
  const next = new Set(chosen.value)
  if (on) next.add(id)
  else next.delete(id)
  chosen.value = next
}

async function add(item: CupboardItem, toOpen = true): Promise<void> {
  if ((await write([item])) && toOpen) openId.value = item.piece.id
}

async function takeAway(item: CupboardItem): Promise<void> {
  if (!(await remove(item))) return
  gone.value = item
  openId.value = null
}

async function putBack(): Promise<void> {
  if (gone.value && (await write([gone.value]))) gone.value = undefined
}

/** A photo dropped on a row is the picture of its piece. */
async function takePhoto(item: CupboardItem, file: File): Promise<void> {
  try {
    const { id: photoId } = await api.addPhoto(file)
    await write([{ ...item, facts: { ...item.facts, photoId } }])
  } catch (error) {
    message.value = t('cupboard.failed', { message: (error as Error).message })
  }
}

async function chooseFile(picked: File): Promise<void> {
  text.value = await readListFile(picked)
  importing.value = true
}

async function imported(count: number): Promise<void> {
  message.value = t('cupboard.imported', { n: count }, count)
  await load()
}

onKeyStroke(onKeys({ search: () => searchField.value?.focus() }))
document.title = 'Cupboard · Hestiad'
</script>

<template>
  <div class="page">
    <PageHeader :title="t('cupboard.title')" here="cupboard">
      <a href="/api/cupboard/labels.pdf" download class="link">{{ t('cupboard.labels') }}</a>
      <a href="/api/cupboard.csv" download class="link">{{ t('cupboard.export') }}</a>
      <FileField :label="t('cupboard.import')" accept=".csv,text/csv" @file="chooseFile" />
      <el-button type="primary" @click="adding = true">{{ t('cupboard.add') }}</el-button>
    </PageHeader>
    <SetAside />
    <div class="tools">
      <SearchField ref="searchField" v-model="query" class="find" :label="t('cupboard.search')" />
      <FacetSelect
        :label="t('cupboard.kind')"
        :model-value="facets.kinds[0] ?? ''"
        :none="t('cupboard.allKinds')"
        :choices="kinds.map((value) => ({ value, label: t(`kind.${value}`) }))"
        @update:model-value="narrow({ kinds: one($event as PieceKind) })"
      />
      <FacetSelect
        :label="t('cupboard.material')"
        :model-value="facets.materials[0] ?? ''"
        :none="t('cupboard.allMaterials')"
        :choices="same(materials)"
        @update:model-value="narrow({ materials: one($event) })"
      />
      <FacetSelect
        :label="t('cupboard.kept')"
        :model-value="facets.rooms[0] ?? ''"
        :none="t('cupboard.allRooms')"
        :choices="same(rooms)"
        @update:model-value="narrow({ rooms: one($event) })"
      />
      <FacetSelect
        :label="t('cupboard.seasons')"
        :model-value="facets.seasons[0] ?? ''"
        :none="t('cupboard.allSeasons')"
        :choices="seasons.map((value) => ({ value, label: t(`cupboard.values.${value}`) }))"
        @update:model-value="narrow({ seasons: one($event as Season) })"
      />
      <FacetSelect
        :label="t('cupboard.state')"
        :model-value="facets.state"
        :choices="states.map((value) => ({ value, label: t(`cupboard.states.${value}`) }))"
        @update:model-value="narrow({ state: $event as Facets['state'], sinceDay: $event === 'unused-since' ? facets.sinceDay || aYearAgo() : '' })"
      />
      <DateField
        class="since"
        bare
        optional
        :label="t('cupboard.sinceDay')"
        :model-value="facets.sinceDay"
        @update:model-value="narrow({ sinceDay: $event, state: $event ? 'unused-since' : facets.state === 'unused-since' ? 'all' : facets.state })"
      />
      <span class="soft" role="status">{{ t('cupboard.count', { shown: found.length, n: items?.length ?? 0 }) }}</span>
      <ChoiceField
        class="view"
        label=""
        :model-value="view"
        :choices="(['list', 'wall'] as const).map((value) => ({ value, label: t(`cupboard.${value}`) }))"
        @update:model-value="view = $event"
      />
    </div>
    <KeptSearches :query="query" :facets="facets" :narrowed="narrowed" @search="((query = $event.query), (facets = $event.facets))" />
    <p v-if="message" class="note row between" role="status">
      <span>{{ message }}</span> <el-button v-if="gone" class="plain under" @click="putBack">{{ t('cupboard.putBack') }}</el-button>
    </p>
    <p v-if="chosen.size > 0" class="note row">
      <span>{{ t('cupboard.chosen', { n: chosen.size }) }}</span>
      <el-button size="small" @click="editing = true">{{ t('cupboard.changeChosen') }}</el-button>
      <el-button class="plain under" @click="chosen = new Set()">{{ t('cupboard.clearChosen') }}</el-button>
    </p>
    <ul v-if="facets.state === 'incomplete' && sets.length > 0" class="sets small">
      <li v-for="set in sets" :key="set.name">
        <strong>{{ set.name }}</strong>
        {{
          t('cupboard.setLine', {
            missing: set.missing,
            pieces: set.pieces.map((one) => `${one.name} ${one.missing > 0 ? `${one.owned}/${one.whole}` : t('cupboard.setWhole')}`).join(', ')
          })
        }}
      </li>
    </ul>
    <p v-if="failed" role="alert">
      {{ t('occasions.failed') }} <el-button size="small" @click="load">{{ t('occasions.retry') }}</el-button>
    </p>
    <p v-else-if="items?.length === 0" class="soft">{{ t('cupboard.empty') }}</p>
    <p v-else-if="items && found.length === 0 && narrowed" class="soft">{{ t('cupboard.noMatch', { n: items.length }) }}</p>
    <div v-else class="room" :class="{ editing: open }">
      <ItemTable
        v-if="view === 'list'"
        :items="found"
        :chosen="chosen"
        :open="openId"
        @choose="choose"
        @open="openId = $event.piece.id"
        @change="write([$event])"
        @photo="takePhoto"
      />
      <PictureWall v-else :items="found" :open="openId" @open="openId = $event.piece.id" />
      <aside v-if="open">
        <PieceEditor
          :item="open"
          :items="items ?? []"
          :uses="uses[open.piece.id] ?? { past: 0, planned: 0, last: '' }"
          @change="write([$event])"
          @close="openId = null"
          @remove="takeAway"
          @add="add"
        />
      </aside>
    </div>
    <MultiEdit v-if="editing" v-model="editing" :items="chosenItems" @change="write" />
    <NewPiece v-if="adding" v-model="adding" :taken="ids" @add="add" />
    <ListImport v-if="importing" v-model="importing" :text="text" of="cupboard" @done="imported" />
  </div>
</template>

<style scoped>
.page {
  display: flex;
  flex-direction: column;
  max-width: 1320px;
  height: 100%;
  margin: 0 auto;
  padding: 0 28px 18px;
}

.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  margin: 8px 0 10px;
}

.tools .native {
  width: auto;
  max-width: 150px;
}

.tools .find {
  flex: 1 1 280px;
  max-width: none;
}

.view :deep(.label) {
  display: none;
}

.link {
  font-weight: 600;
}

.under {
  text-decoration: underline;
}

.note {
  margin: 0 0 8px;
  padding: 6px 10px;
  background: var(--moss-soft);
  border-radius: var(--radius);
}

.sets {
  margin: 0 0 8px;
  padding: 0;
  list-style: none;
}

.room {
  display: grid;
  flex: 1;
  grid-template-columns: minmax(0, 1fr);
  gap: 18px;
  min-height: 260px;
}

.room.editing {
  grid-template-columns: minmax(0, 1fr) 320px;
}

aside {
  min-height: 0;
  padding: 0 2px 20px 18px;
  overflow-y: auto;
  border-left: 1px solid var(--hairline);
}

@media (width <= 900px) {
  .page {
    height: auto;
    min-height: 100%;
  }

  .room,
  .room.editing {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto 60vh;
  }

  .room.editing aside {
    grid-row: 1;
    max-height: 60vh;
    padding-left: 0;
    border-left: 0;
  }
}
</style>
